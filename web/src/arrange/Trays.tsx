import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { useFocus } from "../shell/focus";
import { NotPlaced } from "./NotPlaced";
import { Tray } from "./Tray";
import type { Command } from "./useBenchStep";
import type { Selection } from "./useSelection";

interface Props {
  bench: Schemas["BenchView"];
  selection: Selection;
  onCommand: (command: Command, said?: string) => void;
}

/** One tray a group, lowest scores at the left as on the line; those in no group before them. */
export function Trays({ bench, selection, onCommand }: Props) {
  const { group: focused } = useFocus();
  const better = bench.measure.lowerIsBetter ? -1 : 1;
  const membersOf = (groupId: number | undefined) =>
    bench.students
      .filter((each) => each.groupId === groupId)
      .sort((a, b) => better * ((b.value ?? 0) - (a.value ?? 0)) || a.givenName.localeCompare(b.givenName));
  return (
    <Box
      sx={{
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
        students={membersOf(undefined)}
        selection={selection}
        faded={focused !== "everyone" && focused !== "none"}
        onCommand={onCommand}
      />
      {bench.groups.map((group, i) => (
        <Tray
          measure={bench.measure}
          key={group.id}
          group={group}
          number={i + 1}
          members={membersOf(group.id)}
          groups={bench.groups}
          imbalances={bench.imbalances.filter((each) => each.groupId === group.id)}
          selection={selection}
          faded={focused !== "everyone" && focused !== group.id}
          onCommand={onCommand}
        />
      ))}
    </Box>
  );
}
