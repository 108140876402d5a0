import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { growthQuery } from "../../api/progressQueries";
import { measuresQuery } from "../../api/queries";
import { Card } from "../../shell/Card";
import { useFocus } from "../../shell/focus";
import { GroupShape } from "../../shell/GroupShape";
import { isFor } from "../../shell/sharing";
import { Waiting } from "../../shell/Waiting";
import { words as common } from "../words";
import { AimDialog } from "./AimDialog";
import { spanOf } from "./chart";
import { GrowthChart } from "./GrowthChart";
import { words } from "./words";

/** Growth on one measure, in small charts by group that share one scale. */
export default function GrowthPart() {
  const measures = useQuery(measuresQuery).data;
  const { classId, arrangement, arrangements } = useFocus();
  const [chosen, setChosen] = useState<number | null>(null);
  const numeric = (measures ?? []).filter((each) => each.levels.length === 0 && isFor(classId)(each));
  const measureId = chosen ?? numeric[0]?.id;
  if (!measures || (arrangements.length > 0 && !arrangement)) {
    return <Waiting />;
  }
  if (measureId === undefined) {
    return <Box>{words.none}</Box>;
  }
  return (
    <Box sx={{ overflow: "auto", flex: 1, minHeight: 0 }} role="region" aria-label={words.about} tabIndex={0}>
      <Box sx={{ display: "flex", gap: 2, alignItems: "center", pb: 1, pt: 0.75 }}>
        <TextField
          select
          size="small"
          label={words.measure}
          value={measureId}
          onChange={(event) => setChosen(Number(event.target.value))}
        >
          {numeric.map((each) => (
            <MenuItem key={each.id} value={each.id}>
              {each.name}
            </MenuItem>
          ))}
        </TextField>
        <Box sx={{ color: "var(--z-soft)", fontSize: 12.5, flex: 1 }}>{words.legend}</Box>
        {arrangement && (
          <Button
            className="no-print"
            component={Link}
            to={`/classes/${classId}/arrange/${arrangement.id}`}
            sx={{ flex: "none" }}
          >
            {words.regroup}
          </Button>
        )}
      </Box>
      <Charts key={measureId} measureId={measureId} />
    </Box>
  );
}

function Charts({ measureId }: { measureId: number }) {
  const { classId, arrangement, includes } = useFocus();
  const growth = useQuery(growthQuery(classId, measureId, arrangement?.id)).data;
  const [aiming, setAiming] = useState<{ name: string; students: Schemas["StudentGrowth"][] } | null>(null);
  if (!growth) {
    return <Waiting />;
  }
  const groups = growth.groups
    .map((group) => ({ ...group, students: group.students.filter((each) => includes(each.id)) }))
    .filter((group) => group.students.some((each) => each.points.length > 0));
  const all = groups.flatMap((group) => group.students);
  const span = spanOf(all);
  return (
    <>
      {groups.length === 0 && words.none}
      {growth.apart && <Box sx={{ pb: 1.5, fontWeight: 700 }}>{words.apart(growth.apart)}</Box>}
      {groups.map((group) => {
        const name = group.name || words.notPlaced;
        return (
          <Card key={group.id ?? "none"} component="section" sx={{ p: 2, mb: 1.5, breakInside: "avoid" }}>
            <Box sx={{ display: "flex", alignItems: "center", gap: 1, mb: 1 }}>
              {group.look !== undefined && <GroupShape look={group.look} size={13} />}
              <Box component="h2" sx={{ fontSize: 15 }}>
                {name}
              </Box>
              <Box sx={{ flex: 1, color: "var(--z-soft)", fontSize: 12.5 }}>{medians(group)}</Box>
              {growth.mayChange && (
                <Button
                  size="small"
                  className="no-print"
                  aria-label={words.groupAim({ group: name })}
                  onClick={() => setAiming({ name, students: group.students })}
                >
                  {words.setAim}
                </Button>
              )}
            </Box>
            <Box
              sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(210px, 1fr))", gap: 2 }}
            >
              {group.students
                .filter((each) => each.points.length > 0)
                .map((student) => (
                  <Box key={student.id}>
                    <Box sx={{ display: "flex", alignItems: "baseline", gap: 1 }}>
                      <b>{student.givenName}</b>
                      <Box sx={{ flex: 1, fontSize: 12.5, color: "var(--z-soft)" }}>
                        {student.perWeek !== undefined && words.perWeek(student.perWeek)}
                      </Box>
                      {growth.mayChange && (
                        <Button
                          variant="text"
                          size="small"
                          className="no-print"
                          aria-label={words.aimFor({ name: student.givenName })}
                          onClick={() => setAiming({ name: student.givenName, students: [student] })}
                        >
                          ◎
                        </Button>
                      )}
                    </Box>
                    <GrowthChart
                      student={student}
                      span={span}
                      error={growth.measure.standardError ?? 0}
                      periods={growth.periods}
                    />
                    <Said student={student} />
                  </Box>
                ))}
            </Box>
          </Card>
        );
      })}
      {aiming && <AimDialog {...aiming} measure={growth.measure} onClose={() => setAiming(null)} />}
    </>
  );
}

function medians(group: Schemas["GroupGrowth"]): string {
  const first = group.medians[0];
  const last = group.medians[group.medians.length - 1];
  return first && last && first !== last
    ? `${words.groupMedian} ${common.points(first.value)} → ${common.points(last.value)}`
    : first
      ? `${words.groupMedian} ${common.points(first.value)}`
      : "";
}

function Said({ student }: { student: Schemas["StudentGrowth"] }) {
  const change = student.advice === "CHANGE_SOMETHING" || student.advice === "RAISE_THE_GOAL";
  return (
    <Box sx={{ fontSize: 12.5, color: "var(--z-soft)" }}>
      {words.aim(student)}
      {student.medianPerWeek !== undefined && ` · ${words.median(student.medianPerWeek)}`}
      {student.advice && (
        <Box sx={{ color: "var(--z-ink)", fontWeight: change ? 700 : 400 }}>
          {words.advice[student.advice]}
        </Box>
      )}
    </Box>
  );
}
