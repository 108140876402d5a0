import Box from "@mui/material/Box";
import { useMemo } from "react";
import type { Schemas } from "../api/client";
import { useFocus } from "../shell/focus";
import { NotPlaced } from "./NotPlaced";
import { studentLines } from "./StudentLine";
import { Tray } from "./Tray";
import type { Command } from "./useBenchStep";
import type { Comparison } from "./useComparison";
import type { Selection } from "./useSelection";

interface Props {
  bench: Schemas["BenchView"];
  selection: Selection;
  comparison: Comparison;
  onCommand: (command: Command, said?: string) => void;
}

/** One tray a group, lowest scores at the left as on the line; those in no group before them. */
export function Trays({ bench, selection, comparison, onCommand }: Props) {
  const { group: focused } = useFocus();
  const members = useMemo(() => membersByGroup(bench), [bench]);
  return (
    <Box
      sx={{
        ...studentLines,
        display: "grid",
        gridTemplateColumns: "170px repeat(auto-fit, minmax(210px, 1fr))",
        gridAutoRows: "minmax(380px, auto)",
        gap: 1.25,
        "& > :first-of-type": { gridRow: "1 / span 3" },
        "@media (max-width: 700px)": { gridTemplateColumns: "1fr", gridAutoRows: "auto" },
      }}
    >
      <NotPlaced
        bench={bench}
        students={members.get(undefined) ?? []}
        selection={selection}
        comparison={comparison}
        faded={focused !== "everyone" && focused !== "none"}
        onCommand={onCommand}
      />
      {bench.groups.map((group, i) => (
        <Tray
          key={group.id}
          bench={bench}
          group={group}
          number={i + 1}
          members={members.get(group.id) ?? []}
          selection={selection}
          comparison={comparison}
          faded={focused !== "everyone" && focused !== group.id}
          onCommand={onCommand}
        />
      ))}
    </Box>
  );
}

/** Best first; a student in several groups stands in each of them. */
function membersByGroup(bench: Schemas["BenchView"]): Map<number | undefined, Schemas["BenchStudent"][]> {
  const better = bench.measure.lowerIsBetter ? -1 : 1;
  const sorted = [...bench.students].sort(
    (a, b) => better * ((b.value ?? 0) - (a.value ?? 0)) || a.givenName.localeCompare(b.givenName),
  );
  const members = new Map<number | undefined, Schemas["BenchStudent"][]>();
  for (const student of sorted) {
    for (const group of [student.groupId, ...student.alsoIn]) {
      members.set(group, [...(members.get(group) ?? []), student]);
    }
  }
  return members;
}
