import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Schemas } from "../api/client";
import { Card } from "../shell/Card";
import { useFocus } from "../shell/focus";
import type { Command } from "./useBenchStep";
import { words } from "./words";

interface Props {
  bench: Schemas["BenchView"];
  onCommand: (command: Command, said?: string) => void;
}

/** What new scores suggest since the groups were cut; nothing moves until the teacher says so. */
export function AdviceCard({ bench, onCommand }: Props) {
  const { projector } = useFocus();
  if (projector || bench.advice.length === 0) {
    return null;
  }
  const moves = bench.advice.filter((each) => each.toGroupId !== undefined).length;
  const names = new Map(bench.students.map((each) => [each.id, each.givenName]));
  const groups = new Map(bench.groups.map((each) => [each.id, each.name]));
  return (
    <Card component="section" aria-label={words.advice.title} sx={{ p: 1.25, fontSize: 12.5 }}>
      <Box component="h2" sx={{ fontSize: 14 }}>
        {words.advice.title}
      </Box>
      {bench.advice.map((each) => {
        const name = names.get(each.id) ?? "";
        const group = each.toGroupId === undefined ? undefined : groups.get(each.toGroupId);
        return (
          <Box key={each.id} sx={{ display: "flex", alignItems: "center", gap: 0.5 }}>
            <Box sx={{ flex: 1 }}>
              <b>{name}</b> {words.advice.line(each, group)}
            </Box>
            {group !== undefined && (
              <Button
                variant="text"
                size="small"
                sx={{ minWidth: 0, px: 0.75 }}
                aria-label={words.advice.move({ name, group })}
                onClick={() =>
                  onCommand(
                    { kind: "PLACE", students: [each.id], groupId: each.toGroupId },
                    words.advice.moved({ name, group }),
                  )
                }
              >
                ✓
              </Button>
            )}
          </Box>
        );
      })}
      {moves > 1 && (
        <Button
          size="small"
          onClick={() => onCommand({ kind: "TAKE_ADVICE" }, words.advice.allMoved({ count: moves }))}
        >
          {words.advice.all({ count: moves })}
        </Button>
      )}
    </Card>
  );
}
