import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { reviewQuery } from "../../api/queries";
import { Card } from "../../shell/Card";
import { useFocus } from "../../shell/focus";
import { MarkStory } from "../marks/MarkStory";
import { words as common } from "../words";
import { PrepareButton } from "./PrepareButton";
import { type Selection, workOf } from "./selection";
import type { useCellActs } from "./useCellActs";
import { words } from "./words";

interface Props {
  grid: Schemas["Grid"];
  selection: Selection;
  acts: ReturnType<typeof useCellActs>;
  onRead: (tryId: number) => void;
  onTryAgain: () => void;
  onClose: () => void;
}

interface Found {
  group: Schemas["GroupRows"];
  student: Schemas["ProgressRow"];
  task: Schemas["TaskColumn"];
  cell: Schemas["Cell"];
}

/** What is selected, and what can be done about it. */
export function CellPanel({ grid, selection, acts, onRead, onTryAgain, onClose }: Props) {
  const { classId } = useFocus();
  const found = [...selection].flatMap((name) => find(grid, name));
  const cells = found.map(({ task, student }) => ({ taskId: task.id, studentId: student.id }));
  const only = found.length === 1 ? found[0] : undefined;
  const handedIn =
    found.length > 0 && found.every(({ cell }) => cell.state === "HANDED_IN" || cell.state === "AGAIN");
  const excused = found.length > 0 && found.every(({ cell }) => cell.state === "EXCUSED");
  const open = found.some(({ cell }) => cell.state === "NOT_STARTED" || cell.state === "LATE");
  const oneTask = new Set(cells.map((each) => each.taskId)).size === 1;
  const tryId = only?.cell.tryId;
  return (
    <Card
      component="aside"
      aria-label={words.panel.label}
      className="no-print"
      sx={{
        width: 262,
        flex: "none",
        overflow: "auto",
        p: 1.75,
        display: "grid",
        gap: 1,
        alignContent: "start",
      }}
    >
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 1 }}>
        <Box component="h2" sx={{ fontSize: 16, flex: 1 }}>
          {only ? only.student.givenName : words.panel.several({ count: found.length })}{" "}
          {only && (
            <Box component="span" sx={{ fontWeight: 400, fontSize: 13, color: "var(--z-soft)" }}>
              {only.group.name}
            </Box>
          )}
        </Box>
        <Button variant="text" size="small" onClick={onClose}>
          {words.panel.close}
        </Button>
      </Box>
      {only && <One found={only} />}
      {!only && <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{words.panel.hint}</Box>}
      {grid.mayChange && (
        <>
          {handedIn && (
            <Button variant="contained" onClick={onTryAgain}>
              {words.panel.anotherTry}
            </Button>
          )}
          {only?.cell.toMark !== undefined && <MarkLink taskId={only.task.id} />}
          {open && (
            <>
              <Button disabled={acts.pending} onClick={() => acts.remind(cells)}>
                {words.panel.remind}
              </Button>
              <Button disabled={acts.pending} onClick={() => acts.extend(cells)}>
                {words.panel.extend}
              </Button>
            </>
          )}
          {handedIn && oneTask && (
            <PrepareButton taskId={cells[0]?.taskId ?? 0} students={cells.map((each) => each.studentId)} />
          )}
          <Button disabled={acts.pending} onClick={() => acts.excuse(cells, !excused)}>
            {excused ? words.panel.unexcuse : words.panel.excuse}
          </Button>
        </>
      )}
      <Button component={Link} to={`/classes/${classId}/progress/reports?${lettersFor(cells)}`}>
        {words.panel.letter({ count: new Set(cells.map((each) => each.studentId)).size })}
      </Button>
      {tryId !== undefined && <Button onClick={() => onRead(tryId)}>{words.panel.read}</Button>}
      {only && (
        <Box sx={{ borderTop: "1px solid var(--z-line)", pt: 1.25, mt: 0.5 }}>
          <Box component="h3" sx={{ fontSize: 13.5 }}>
            {words.panel.story}
          </Box>
          <MarkStory studentId={only.student.id} compact />
        </Box>
      )}
    </Card>
  );
}

function lettersFor(cells: { studentId: number }[]): string {
  return [...new Set(cells.map((each) => each.studentId))].map((id) => `student=${id}`).join("&");
}

function find(grid: Schemas["Grid"], name: string): Found[] {
  const { taskId, studentId } = workOf(name);
  const column = grid.tasks.findIndex((task) => task.id === taskId);
  const task = grid.tasks[column];
  for (const group of grid.groups) {
    const student = group.students.find((each) => each.id === studentId);
    const cell = student?.cells.find((each) => each.column === column);
    if (student && cell && task) {
      return [{ group, student, task, cell }];
    }
  }
  return [];
}

/** One piece of work: the result, and which questions were missed. */
function One({ found: { task, cell } }: { found: Found }) {
  const { classId } = useFocus();
  const shown = useQuery({
    ...reviewQuery(classId, cell.tryId ?? 0),
    enabled: cell.tryId !== undefined,
  }).data;
  const missed = (shown?.answers ?? []).flatMap((answer, i) =>
    answer.earned !== undefined && answer.earned < answer.sheet.points ? [i + 1] : [],
  );
  return (
    <Box>
      <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{task.name}</Box>
      {cell.earned !== undefined && (
        <Box sx={{ display: "flex", alignItems: "baseline", gap: 1, mt: 0.5 }}>
          <Box sx={{ fontSize: 28, fontWeight: 700, color: cell.low ? "var(--z-clayText)" : "inherit" }}>
            {common.points(cell.earned)}
          </Box>
          {words.panel.of(cell)}
        </Box>
      )}
      {cell.earned === undefined && <Box sx={{ mt: 0.5 }}>{words.help[cell.state]}</Box>}
      {missed.length > 0 && cell.state === "HANDED_IN" && (
        <Box sx={{ fontSize: 12.5, color: "var(--z-soft)" }}>{words.missed(missed)}</Box>
      )}
    </Box>
  );
}

function MarkLink({ taskId }: { taskId: number }) {
  const { classId } = useFocus();
  return (
    <Button component={Link} to={`/classes/${classId}/progress/tasks/${taskId}/marking`}>
      {words.panel.toMark}
    </Button>
  );
}
