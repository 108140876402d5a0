import Box from "@mui/material/Box";
import type { KeyboardEvent, MouseEvent } from "react";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { useFocus } from "../../shell/focus";
import { GroupShape } from "../../shell/GroupShape";
import { words as common } from "../words";
import { GridRow } from "./GridRow";
import type { Which } from "./gridFilter";
import { gridStyle } from "./gridStyle";
import { moveByArrow } from "./moveByArrow";
import { nameOf, type Selection } from "./selection";
import { words } from "./words";

interface Props {
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
export function Grid({ groups, tasks, columns, which, selection, onChoose, onChooseColumn }: Props) {
  const students = groups.reduce((sum, group) => sum + group.students.length, 0);
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
    <Box component="table" sx={gridStyle} onClick={clicked} onKeyDown={pressed}>
      <thead>
        <tr>
          <Box
            component="th"
            scope="col"
            sx={{ textAlign: "left", left: 0, minWidth: 190, "&&": { zIndex: 3 } }}
          >
            {words.students(students)}
          </Box>
          {columns.map((column) => {
            const task = tasks[column];
            return task && <Head key={task.id} task={task} onChoose={onChooseColumn} />;
          })}
          <th scope="col">{words.missing}</th>
          <th scope="col">{words.lateHead}</th>
          <th scope="col">{words.mark}</th>
        </tr>
      </thead>
      {groups.map((group) => (
        <tbody key={group.id ?? "none"}>
          <GroupHead group={group} columns={columns} />
          {group.students.map((student) => (
            <GridRow
              key={student.id}
              student={student}
              tasks={tasks}
              columns={columns}
              which={which}
              chosen={chosenIn(selection, student, tasks)}
            />
          ))}
        </tbody>
      ))}
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

function Head({ task, onChoose }: { task: Schemas["TaskColumn"]; onChoose: (taskId: number) => void }) {
  const { classId } = useFocus();
  return (
    <Box component="th" scope="col" sx={{ minWidth: 96 }}>
      <Box sx={{ whiteSpace: "normal", lineHeight: 1.2, maxWidth: 150, mx: "auto" }}>
        <Link
          to={`/classes/${classId}/progress/tasks/${task.id}`}
          className="task"
          aria-label={words.byQuestion(task.name)}
        >
          {task.name}
        </Link>
      </Box>
      <Box title={words.columnHelp(task)} sx={{ fontWeight: 400, color: "var(--z-soft)" }}>
        <button
          type="button"
          className="choose"
          aria-label={words.selectColumn(task.name)}
          onClick={() => onChoose(task.id)}
        >
          ◦
        </button>
        {words.column(task)}
      </Box>
      <Box sx={{ fontWeight: 400, color: "var(--z-soft)", fontSize: 11.5, minHeight: 17 }}>
        {words.spread(task)}
      </Box>
    </Box>
  );
}

function GroupHead({ group, columns }: { group: Schemas["GroupRows"]; columns: number[] }) {
  return (
    <tr className="group">
      <th scope="rowgroup">
        <Box sx={{ display: "flex", gap: 1, alignItems: "center", fontWeight: 700, color: "var(--z-ink)" }}>
          {group.look !== undefined && <GroupShape look={group.look} size={12} />}
          {group.name || common.notPlaced}
        </Box>
      </th>
      {columns.map((column) => {
        const median = group.medians[column]?.earned;
        return <td key={column}>{median !== undefined && words.median(median)}</td>;
      })}
      <td />
      <td />
      <td className="sum">{group.mark !== undefined && common.percent(group.mark)}</td>
    </tr>
  );
}
