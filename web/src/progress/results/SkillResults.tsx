import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../../api/client";
import { preparingQuery } from "../../api/progressQueries";
import { Card } from "../../shell/Card";
import { listed } from "./QuestionTable";
import type { useMissedDeeds } from "./useMissedDeeds";
import { words } from "./words";

const OFFERED = 2;

interface Props {
  skills: Schemas["SkillResult"][];
  /** What the task itself was made of; it prepares nobody. */
  itself: number[];
  names: Map<number, string>;
  /** Absent for whoever may only look. */
  deeds?: ReturnType<typeof useMissedDeeds>;
}

/** By skill, weakest first: who does not hold it, and what can be done for them. */
export function SkillResults({ skills, itself, names, deeds }: Props) {
  const sorted = [...skills].sort((a, b) => (a.share ?? 1) - (b.share ?? 1));
  const weak = sorted.filter((each) => each.missed.length > 0).map((each) => each.id);
  const preparing = useQuery({
    ...preparingQuery(weak),
    enabled: deeds !== undefined && weak.length > 0,
  }).data;
  return (
    <Card component="section" sx={{ mt: 1.5, p: 2 }}>
      <Box component="h2" sx={{ fontSize: 15, mb: 0.5 }}>
        {words.skills}
      </Box>
      {sorted.map((skill) => (
        <Box
          key={skill.id}
          sx={{
            display: "flex",
            flexWrap: "wrap",
            alignItems: "baseline",
            gap: 1.5,
            py: 0.75,
            borderTop: "1px solid var(--z-line)",
          }}
        >
          <Box sx={{ width: 230 }}>{skill.name}</Box>
          <b>{words.share(skill.share)}</b>
          <Box sx={{ flex: 1, minWidth: 200, color: "var(--z-soft)" }}>
            {skill.missed.length > 0 && (
              <>
                {words.skillMissed({ count: skill.missed.length })}: {listed(skill.missed, names)}
              </>
            )}
          </Box>
          {deeds && skill.missed.length > 0 && (
            <Box className="no-print" sx={{ display: "flex", flexWrap: "wrap", gap: 0.75, width: "100%" }}>
              <Button
                size="small"
                disabled={deeds.groupMissed.isPending}
                onClick={() => deeds.groupMissed.mutate({ name: skill.name, students: skill.missed })}
              >
                {words.groupOf({ count: skill.missed.length })}
              </Button>
              {(preparing?.find((each) => each.skillId === skill.id)?.items ?? [])
                .filter((item) => !itself.includes(item.id))
                .slice(0, OFFERED)
                .map((item) => (
                  <Button
                    key={item.id}
                    size="small"
                    disabled={deeds.give.isPending}
                    onClick={() => deeds.give.mutate({ item, students: skill.missed })}
                  >
                    {words.give(item, skill.missed.length)}
                  </Button>
                ))}
            </Box>
          )}
        </Box>
      ))}
    </Card>
  );
}
