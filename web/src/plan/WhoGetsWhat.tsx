import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { Card } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { given, type TaskView } from "./taskEdit";
import type { Change } from "./useTaskEdit";
import { versionName, words } from "./words";

interface Props {
  task: TaskView;
  onChange: (change: Change) => void;
}

/** The check that every student gets exactly one version; what is open stands in front. */
export function WhoGetsWhat({ task, onChange }: Props) {
  const [leftOut, setLeftOut] = useState(false);
  const of = (gets: Schemas["Recipient"]["gets"]) => task.students.filter((each) => each.gets === gets);
  const conflicts = of("CONFLICT");
  const none = of("NOTHING");
  const baseId = task.versions[0]?.id ?? 0;
  return (
    <Card component="section" aria-label={words.who} sx={{ p: 1.5, mb: 1.25 }}>
      <Box sx={{ display: "flex", gap: 2, alignItems: "baseline" }}>
        <Box component="h2" sx={{ fontSize: 14 }}>
          {words.who}
        </Box>
        <Box sx={{ marginLeft: "auto", display: "flex", gap: 2, fontWeight: 700, fontSize: 13 }}>
          <Box sx={{ color: "var(--z-mossText)" }}>{words.counts.one({ count: of("ONE").length })}</Box>
          {conflicts.length > 0 && (
            <Box sx={{ color: "var(--z-clayText)" }}>
              {words.counts.conflict({ count: conflicts.length })}
            </Box>
          )}
          {none.length > 0 && (
            <Box sx={{ color: "var(--z-saffron)" }}>{words.counts.none({ count: none.length })}</Box>
          )}
        </Box>
      </Box>
      {conflicts.length + none.length === 0 ? (
        <Box sx={{ color: "var(--z-soft)", mt: 0.5 }}>{words.allGood}</Box>
      ) : (
        <Box
          sx={{
            display: "grid",
            gridTemplateColumns: "repeat(auto-fit, minmax(300px, 1fr))",
            gap: 1.25,
            mt: 1,
          }}
        >
          {conflicts.map((student) => (
            <Conflict key={student.id} student={student} task={task} onChange={onChange} />
          ))}
          {none.length > 0 && (
            <Box sx={{ bgcolor: "var(--z-saffronWash)", borderRadius: "8px", p: 1.25 }}>
              <Box component="h3">{words.noneTitle({ names: none.map((each) => each.givenName) })}</Box>
              <Box sx={{ fontSize: 13, mb: 0.75 }}>{leftOut ? words.leftOut : words.noneWhy}</Box>
              <Button
                size="small"
                onClick={() =>
                  onChange((edit) =>
                    given(
                      edit,
                      none.map((each) => each.id),
                      baseId,
                    ),
                  )
                }
              >
                {words.giveBase}
              </Button>{" "}
              {!leftOut && (
                <Button size="small" onClick={() => setLeftOut(true)}>
                  {words.leaveOut}
                </Button>
              )}
            </Box>
          )}
        </Box>
      )}
    </Card>
  );
}

function Conflict({ student, task, onChange }: Props & { student: Schemas["Recipient"] }) {
  const groupNames = useGroupNames();
  const versions = student.claims.flatMap((claim) => {
    const version = task.versions.find((each) => each.id === claim.versionId);
    return version ? [{ claim, version }] : [];
  });
  return (
    <Box sx={{ bgcolor: "var(--z-clayWash)", borderRadius: "8px", p: 1.25 }}>
      <Box component="h3">{words.conflictTitle({ student: student.givenName })}</Box>
      <Box sx={{ fontSize: 13, mb: 0.75 }}>
        {versions
          .map(({ claim, version }) =>
            words.conflictClaim({
              version: versionName(version),
              via: claim.via === "GROUPS" ? groupNames(claim.groups) : words.via[claim.via],
            }),
          )
          .join("; ")}
        . {words.conflictWhich}
      </Box>
      {versions.map(({ version }) => (
        <Button
          key={version.id}
          size="small"
          sx={{ mr: 0.75 }}
          onClick={() => onChange((edit) => given(edit, [student.id], version.id))}
        >
          {versionName(version)}
        </Button>
      ))}
    </Box>
  );
}

/** Names groups with their arrangement: "Reef (Salt-marsh reading)". */
function useGroupNames() {
  const { arrangements } = useFocus();
  return (ids: number[]) =>
    arrangements
      .flatMap((arrangement) =>
        arrangement.groups
          .filter((group) => ids.includes(group.id))
          .map((group) => `${group.name} (${arrangement.name})`),
      )
      .join(", ");
}
