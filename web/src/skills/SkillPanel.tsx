import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { Card } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { NoteDialog } from "./NoteDialog";
import { words } from "./words";

interface Props {
  skill: Schemas["SkillInGroup"];
  map: Schemas["SkillMap"];
  classId: number;
  onEdit: (() => void) | undefined;
}

const order = ["ABOVE", "SECURE", "NEARLY", "PRACTISING", "NOT_YET", "NOT_ASSESSED"] as const;

/** Who stands where on one skill, and why; not shown to a class that looks on. */
export function SkillPanel({ skill, map, classId, onEdit }: Props) {
  const { projector } = useFocus();
  const [noting, setNoting] = useState(false);
  const names = new Map(map.students.map((student) => [student.id, student.name]));
  const skillNames = new Map(
    map.strands.flatMap((strand) => strand.skills.map((each) => [each.id, each.name] as const)),
  );
  const before = skill.prerequisites.flatMap((id) => skillNames.get(id) ?? []);
  return (
    <Card component="section" aria-label={skill.name} sx={{ p: 2 }}>
      <Box component="h2" sx={{ fontSize: 15 }}>
        {skill.name}
      </Box>
      <Box sx={{ color: "var(--z-soft)", fontSize: 12.5, mb: 1 }}>
        {[
          skill.readiness ? words.readiness[skill.readiness] : "",
          words.readyWhy(skill, map.students.length),
          before.length > 0 ? words.needs({ names: before }) : "",
        ]
          .filter((part) => part !== "")
          .join(" · ")}
      </Box>
      {!projector &&
        order.map((status) => {
          const standings = skill.standings.filter((standing) => standing.status === status);
          return (
            standings.length > 0 && (
              <Box key={status} sx={{ borderTop: "1px solid var(--z-line)", py: 0.5 }}>
                <b>
                  {words.statuses[status]} · {standings.length}
                </b>
                <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 1 }}>
                  {standings.map((standing) => (
                    <Box key={standing.studentId} component="span" title={words.why(standing)}>
                      {names.get(standing.studentId)}
                      <span className="visually-hidden"> {words.why(standing)}</span>
                    </Box>
                  ))}
                </Box>
              </Box>
            )
          );
        })}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 1.25 }} className="no-print">
        <Button
          size="small"
          variant="contained"
          component={Link}
          to={`/classes/${classId}/library?skills=${skill.id}`}
        >
          {words.findFor}
        </Button>
        <Button size="small" onClick={() => setNoting(true)}>
          {words.note}
        </Button>
        {onEdit && (
          <Button size="small" onClick={onEdit}>
            {words.edit}
          </Button>
        )}
      </Box>
      {noting && <NoteDialog skill={skill} students={map.students} onClose={() => setNoting(false)} />}
    </Card>
  );
}
