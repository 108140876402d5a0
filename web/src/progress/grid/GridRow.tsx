import Box from "@mui/material/Box";
import { memo } from "react";
import type { Schemas } from "../../api/client";
import { words as common } from "../words";
import { GridCell } from "./GridCell";
import { isWanted, type Which } from "./gridFilter";
import { Room } from "./Room";
import { nameOf } from "./selection";

interface RowProps {
  student: Schemas["ProgressRow"];
  tasks: Schemas["TaskColumn"][];
  /** Places of the columns that are drawn, and what room the others take. */
  columns: number[];
  before: number;
  after: number;
  which: Which;
  chosen: string;
}

/** One student; drawn anew only when something of their own changed. */
export const GridRow = memo(function GridRow({
  student,
  tasks,
  columns,
  before,
  after,
  which,
  chosen,
}: RowProps) {
  const byColumn = new Map(student.cells.map((cell) => [cell.column, cell]));
  const selected = new Set(chosen.split(" "));
  return (
    <tr>
      <th scope="row">
        {student.givenName}{" "}
        <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12 }}>
          {student.familyName}
        </Box>
      </th>
      <Room width={before} />
      {columns.map((column) => {
        const cell = byColumn.get(column);
        const name = nameOf(tasks[column]?.id ?? 0, student.id);
        return (
          <GridCell
            key={column}
            cell={cell}
            name={name}
            label={`${student.givenName}, ${tasks[column]?.name}`}
            selected={selected.has(name)}
            faded={cell !== undefined && !isWanted(cell, which)}
          />
        );
      })}
      <Room width={after} />
      <td className="count">{student.missing || ""}</td>
      <td className="count">{student.late || ""}</td>
      <td className="sum">{student.mark !== undefined && common.percent(student.mark)}</td>
    </tr>
  );
});
