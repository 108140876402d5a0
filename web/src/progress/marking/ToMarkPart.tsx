import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { progressQuery } from "../../api/progressQueries";
import { Card } from "../../shell/Card";
import { useFocus } from "../../shell/focus";
import { Waiting } from "../../shell/Waiting";
import { words } from "./words";

/** Tasks with work that waits for a person, of those the screen is narrowed to. */
export default function ToMarkPart() {
  const { classId, arrangement, includes } = useFocus();
  const grid = useQuery(progressQuery(classId, arrangement?.id)).data;
  if (!grid) {
    return <Waiting />;
  }
  const rows = grid.groups.flatMap((group) => group.students).filter((each) => includes(each.id));
  const waiting = grid.tasks
    .map((task, column) => ({
      task,
      count: rows.filter((row) =>
        row.cells.some((cell) => cell.column === column && cell.toMark !== undefined),
      ).length,
    }))
    .filter(({ count }) => count > 0);
  return (
    <Card component="section" aria-label={words.toMark} sx={{ p: 2 }}>
      {waiting.length === 0 && words.nothing}
      {waiting.map(({ task, count }) => (
        <Box key={task.id} sx={{ display: "flex", alignItems: "center", gap: 2, py: 0.75 }}>
          <Box sx={{ flex: 1, fontWeight: 700 }}>{task.name}</Box>
          <Box sx={{ color: "var(--z-soft)" }}>{words.waits({ count })}</Box>
          <Button
            component={Link}
            to={`/classes/${classId}/progress/tasks/${task.id}/marking`}
            aria-label={words.openFor({ name: task.name })}
          >
            {words.open}
          </Button>
        </Box>
      ))}
    </Card>
  );
}
