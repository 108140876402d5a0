import Box from "@mui/material/Box";
import { type KeyboardEvent, type MouseEvent, useMemo } from "react";
import type { Schemas } from "../../api/client";
import { GroupShape } from "../../shell/GroupShape";
import { gridStyle } from "../gridStyle";
import { words as common } from "../words";
import { GridHead } from "./GridHead";
import { GridRow } from "./GridRow";
import type { Which } from "./gridFilter";
import { moveByArrow } from "./moveByArrow";
import { Room, RowRoom } from "./Room";
import { nameOf, type Selection } from "./selection";
import { COLUMN_WIDTH, useGridWindow, within } from "./useGridWindow";
import { words } from "./words";

const NAME_WIDTH = 190;

interface Props {
  /** What the table scrolls in. */
  scroll: HTMLElement | null;
  groups: Schemas["GroupRows"][];
  tasks: Schemas["TaskColumn"][];
  /** Places of the columns that are shown. */
  columns: number[];
  which: Which;
  selection: Selection;
  onChoose: (name: string, more: boolean) => void;
  onChooseColumn: (taskId: number) => void;
}

/** Rows gathered by group; the heads stay in sight. Arrows go from cell to cell. */
export function Grid({ scroll, groups, tasks, columns, which, selection, onChoose, onChooseColumn }: Props) {
  const students = groups.reduce((sum, group) => sum + group.students.length, 0);
  const drawn = useGridWindow(scroll, groups, columns.length);
  const shown = useMemo(
    () => columns.slice(drawn.columns.from, drawn.columns.to),
    [columns, drawn.columns.from, drawn.columns.to],
  );
  const { before, after } = drawn.columns;
  let next = 0;
  const clicked = (event: MouseEvent) => {
    const name = (event.target as HTMLElement).closest<HTMLElement>("[data-cell]")?.dataset.cell;
    if (name) {
      onChoose(name, event.ctrlKey || event.metaKey || event.shiftKey);
    }
  };
  const pressed = (event: KeyboardEvent) => {
    const name = (event.target as HTMLElement).dataset.cell;
    if (name && (event.ctrlKey || event.metaKey) && (event.key === "Enter" || event.key === " ")) {
      event.preventDefault();
      onChoose(name, true);
    } else {
      moveByArrow(event);
    }
  };
  return (
    <Box
      component="table"
      className={drawn.whole ? undefined : "windowed"}
      sx={gridStyle}
      onClick={clicked}
      onKeyDown={pressed}
    >
      <thead>
        <tr>
          <Box
            component="th"
            scope="col"
            sx={{ textAlign: "left", left: 0, width: NAME_WIDTH, minWidth: NAME_WIDTH, "&&": { zIndex: 3 } }}
          >
            {words.students({ count: students })}
          </Box>
          <Room width={before} head />
          {shown.map((column) => {
            const task = tasks[column];
            return (
              task && (
                <GridHead
                  key={task.id}
                  task={task}
                  width={drawn.whole ? undefined : COLUMN_WIDTH}
                  onChoose={onChooseColumn}
                />
              )
            );
          })}
          <Room width={after} head />
          {[words.missing, words.lateHead, words.mark].map((sum) => (
            <th key={sum} scope="col" className="sums">
              {sum}
            </th>
          ))}
        </tr>
      </thead>
      {groups.map((group) => {
        // Its head is its first row.
        const rows = within(drawn.rows, next, group.students.length + 1);
        next += group.students.length + 1;
        return (
          <tbody key={group.id ?? "none"}>
            <RowRoom height={rows.before} />
            {rows.from === 0 && rows.to > 0 && (
              <GroupHead group={group} columns={shown} before={before} after={after} />
            )}
            {group.students.slice(Math.max(0, rows.from - 1), Math.max(0, rows.to - 1)).map((student) => (
              <GridRow
                key={student.id}
                student={student}
                tasks={tasks}
                columns={shown}
                before={before}
                after={after}
                which={which}
                chosen={chosenIn(selection, student, tasks)}
              />
            ))}
            <RowRoom height={rows.after} />
          </tbody>
        );
      })}
    </Box>
  );
}

/** The student's chosen cells as one text, so that a row is drawn anew only when its own change. */
function chosenIn(
  selection: Selection,
  student: Schemas["ProgressRow"],
  tasks: Schemas["TaskColumn"][],
): string {
  return selection.size === 0
    ? ""
    : student.cells
        .map((cell) => nameOf(tasks[cell.column]?.id ?? 0, student.id))
        .filter((name) => selection.has(name))
        .join(" ");
}

interface GroupHeadProps {
  group: Schemas["GroupRows"];
  columns: number[];
  before: number;
  after: number;
}

function GroupHead({ group, columns, before, after }: GroupHeadProps) {
  return (
    <tr className="group">
      <th scope="rowgroup">
        <Box sx={{ display: "flex", gap: 1, alignItems: "center", fontWeight: 700, color: "var(--z-ink)" }}>
          {group.look !== undefined && <GroupShape look={group.look} size={12} />}
          {group.name || common.notPlaced}
        </Box>
      </th>
      <Room width={before} />
      {columns.map((column) => {
        const median = group.medians[column]?.earned;
        return <td key={column}>{median !== undefined && words.median(median)}</td>;
      })}
      <Room width={after} />
      <td />
      <td />
      <td className="sum">{group.mark !== undefined && common.percent(group.mark)}</td>
    </tr>
  );
}
