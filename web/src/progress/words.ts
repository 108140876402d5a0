import type { Schemas } from "../api/client";
import { plural } from "../shell/plural";

export const words = {
  title: "Progress",
  about: "students by tasks, gathered by group",
  students: (count: number) => plural(count, "student"),
  column: (task: Schemas["TaskColumn"]) => `${task.handedIn} of ${task.covered}`,
  columnHelp: (task: Schemas["TaskColumn"]) =>
    `${plural(task.handedIn, "student")} handed in, of ${task.covered} it was given to`,
  median: (value: number) => `median ${value}`,
  none: "No task is handed out yet. What you hand out shows here, fresh by itself.",
  notPlaced: "not placed",
  fresh: "fresh by itself",
  late: "late",
  now: "now",
  help: {
    NOT_THEIRS: "not given to this student",
    CONFLICT: "two versions claim this student",
    NOT_OPEN: "not open yet",
    NOT_STARTED: "not started",
    LATE: "past due, not handed in",
    NOW: "working on it now",
    HANDED_IN: "handed in",
  } satisfies Record<Schemas["Cell"]["state"], string>,
  handedInLate: "handed in late",
  answered: (cell: Schemas["Cell"]) => `${cell.answered} of ${cell.questions} answered`,
  waiting: (count: number) =>
    count === 1 ? "one answer came late and waits for you" : `${count} answers came late and wait for you`,
  legend: "What the cells say",
};
