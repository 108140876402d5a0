import Box from "@mui/material/Box";
import { memo } from "react";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { useFocus } from "../../shell/focus";
import { words } from "./words";

interface Props {
  task: Schemas["TaskColumn"];
  /** Every column as wide as the others, where not all are drawn. */
  width: number | undefined;
  onChoose: (taskId: number) => void;
}

/** The head of a task: its name, how many handed in, the median and how far results lie apart. */
export const GridHead = memo(function GridHead({ task, width, onChoose }: Props) {
  const { classId } = useFocus();
  return (
    <Box
      component="th"
      scope="col"
      sx={{ width, minWidth: width ?? 96, maxWidth: width, overflow: "hidden" }}
    >
      <Box sx={{ whiteSpace: "normal", lineHeight: 1.2, maxWidth: 150, mx: "auto" }}>
        <Link
          to={`/classes/${classId}/progress/tasks/${task.id}`}
          className="task"
          aria-label={words.byQuestion({ name: task.name })}
        >
          {task.name}
        </Link>
      </Box>
      <Box title={words.columnHelp(task)} sx={{ fontWeight: 400, color: "var(--z-soft)" }}>
        <button
          type="button"
          className="choose"
          aria-label={words.selectColumn({ name: task.name })}
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
});
