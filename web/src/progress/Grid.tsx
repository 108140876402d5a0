import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { useFocus } from "../shell/focus";
import { GroupShape } from "../shell/GroupShape";
import { GridCell } from "./GridCell";
import { words } from "./words";

const style = {
  borderCollapse: "separate",
  borderSpacing: 0,
  minWidth: "100%",
  "& th, & td": { borderBottom: "1px solid var(--z-line)", height: 24, px: 1.5, whiteSpace: "nowrap" },
  "& td": { textAlign: "center", px: 1 },
  "& thead th": { position: "sticky", top: 0, zIndex: 2, bgcolor: "var(--z-card)", py: 0.75, fontSize: 12.5 },
  "& tbody th": {
    position: "sticky",
    left: 0,
    zIndex: 1,
    bgcolor: "var(--z-card)",
    textAlign: "left",
    fontWeight: 400,
  },
  "& tr.group th, & tr.group td": { bgcolor: "var(--z-sunk)", fontSize: 12.5, color: "var(--z-soft)" },
} as const;

interface Props {
  grid: Schemas["Grid"];
  onOpen: (tryId: number) => void;
}

/** Rows gathered by group; the heads stay in sight. */
export function Grid({ grid, onOpen }: Props) {
  const { group: focused } = useFocus();
  const groups = grid.groups.filter(
    (group) => focused === "everyone" || (focused === "none" ? group.id === undefined : group.id === focused),
  );
  const students = groups.reduce((sum, group) => sum + group.students.length, 0);
  return (
    <Box component="table" sx={style}>
      <thead>
        <tr>
          <Box
            component="th"
            scope="col"
            sx={{ textAlign: "left", left: 0, width: 210, "&&": { zIndex: 3 } }}
          >
            {words.students(students)}
          </Box>
          {grid.tasks.map((task) => (
            <Box component="th" scope="col" key={task.id} sx={{ width: 130, minWidth: 110 }}>
              <Box sx={{ whiteSpace: "normal", lineHeight: 1.2, maxWidth: 170, mx: "auto" }}>{task.name}</Box>
              <Box title={words.columnHelp(task)} sx={{ fontWeight: 400, color: "var(--z-soft)" }}>
                {words.column(task)}
              </Box>
            </Box>
          ))}
          <td />
        </tr>
      </thead>
      {groups.map((group) => (
        <GroupRows key={group.id ?? "none"} group={group} onOpen={onOpen} />
      ))}
    </Box>
  );
}

function GroupRows({ group, onOpen }: { group: Schemas["GroupRows"]; onOpen: Props["onOpen"] }) {
  return (
    <tbody>
      <tr className="group">
        <th scope="rowgroup">
          <Box sx={{ display: "flex", gap: 1, alignItems: "center", fontWeight: 700, color: "var(--z-ink)" }}>
            {group.look !== undefined && <GroupShape look={group.look} size={12} />}
            {group.name || words.notPlaced}
          </Box>
        </th>
        {group.medians.map((median, i) => (
          <td key={i}>{median.earned !== undefined && words.median(median.earned)}</td>
        ))}
        <td />
      </tr>
      {group.students.map((student) => (
        <tr key={student.id}>
          <th scope="row">
            {student.givenName}{" "}
            <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12 }}>
              {student.familyName}
            </Box>
          </th>
          {student.cells.map((cell, i) => (
            <GridCell key={i} cell={cell} onOpen={onOpen} />
          ))}
          <td />
        </tr>
      ))}
    </tbody>
  );
}
