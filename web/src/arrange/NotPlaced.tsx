import { useDroppable } from "@dnd-kit/core";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Schemas } from "../api/client";
import { useMayChange } from "../shell/role";
import { AdviceCard } from "./AdviceCard";
import { RulesCard } from "./RulesCard";
import { StudentLine } from "./StudentLine";
import type { Command } from "./useBenchStep";
import type { Comparison } from "./useComparison";
import type { Selection } from "./useSelection";
import { words } from "./words";

interface Props {
  bench: Schemas["BenchView"];
  students: Schemas["BenchStudent"][];
  selection: Selection;
  comparison: Comparison;
  faded: boolean;
  onCommand: (command: Command, said?: string) => void;
}

/** Before there are groups nobody was taken out of one. */
function reason(why: NonNullable<Schemas["BenchStudent"]["notPlaced"]>, groups: number): string {
  return why === "BY_HAND" && groups === 0 ? "" : words.reasons[why];
}

/** Students in no group, each with the reason. */
export function NotPlaced({ bench, students, selection, comparison, faded, onCommand }: Props) {
  const { setNodeRef, isOver } = useDroppable({ id: "none" });
  const mayChange = useMayChange();
  return (
    <Box
      component="section"
      aria-label={words.notPlaced}
      ref={setNodeRef}
      sx={{
        bgcolor: isOver ? "var(--z-ownWash)" : undefined,
        borderRadius: "12px",
        opacity: faded ? 0.45 : 1,
        display: "grid",
        gap: 1,
        alignContent: "start",
      }}
    >
      <Box>
        <Box component="h2" sx={{ display: "inline", fontSize: 14 }}>
          {words.notPlaced}
        </Box>{" "}
        <Box component="span" sx={{ color: "var(--z-soft)" }}>
          {students.length}
        </Box>
      </Box>
      {students.length === 0 && (
        <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{words.everyonePlaced}</Box>
      )}
      {students.map((student) => (
        <Box
          key={student.id}
          sx={{
            border: "1px dashed var(--z-line)",
            borderRadius: "12px",
            bgcolor: "var(--z-card)",
            px: 1,
            py: 0.75,
            "&& [data-student]": { borderTop: 0 },
          }}
        >
          <StudentLine
            measure={bench.measure}
            student={student}
            selection={selection}
            movedFrom={comparison.movedFrom(student.id)}
          />
          <Box sx={{ fontSize: 12.5, color: "var(--z-soft)", px: 0.5 }}>
            {student.notPlaced && reason(student.notPlaced, bench.groups.length)}
          </Box>
        </Box>
      ))}
      {mayChange && <AdviceCard bench={bench} onCommand={onCommand} />}
      <RulesCard bench={bench} selection={selection} />
      {mayChange && (
        <Button className="no-print" onClick={() => onCommand({ kind: "ADD_GROUP" })}>
          {words.addGroup}
        </Button>
      )}
    </Box>
  );
}
