import type { Schemas } from "../../api/client";
import { plural } from "../../shell/plural";
import { words as common } from "../words";

type Cell = Schemas["Cell"];
type Column = Schemas["TaskColumn"];

export const words = {
  about: "students by tasks, gathered by group",
  students: (count: number) => plural(count, "student"),
  column: (task: Column) => `${task.handedIn} of ${task.covered}`,
  columnHelp: (task: Column) =>
    [
      `${plural(task.handedIn, "student")} handed in, of ${task.covered} it was given to`,
      task.median !== undefined &&
        `median ${common.points(task.median)}, from ${common.points(task.lowest ?? 0)} to ${common.points(task.highest ?? 0)}`,
    ]
      .filter(Boolean)
      .join("; "),
  spread: (task: Column) =>
    task.median === undefined
      ? ""
      : task.lowest === task.highest
        ? `all ${common.points(task.median)}`
        : `${common.points(task.lowest ?? 0)}–${common.points(task.highest ?? 0)}, median ${common.points(task.median)}`,
  byQuestion: (name: string) => `${name}: results by question`,
  selectColumn: (name: string) => `Select everyone's ${name}`,
  mark: "mark",
  missing: "missing",
  lateHead: "late",
  median: (value: number) => `median ${common.points(value)}`,
  none: "No task is handed out yet. What you hand out shows here, fresh by itself.",
  noneInDates: "Nothing was due in these weeks.",
  late: "late",
  closed: "missed",
  now: "now",
  excused: "exc.",
  again: "again",
  notTheirs: "not given to this student",
  help: {
    CONFLICT: "two versions claim this student",
    NOT_OPEN: "not open yet",
    NOT_STARTED: "not started",
    LATE: "past due, not handed in",
    MISSED: "closed, not handed in",
    NOW: "working on it now",
    HANDED_IN: "handed in",
    AGAIN: "to do again",
    EXCUSED: "excused",
  } satisfies Record<Cell["state"], string>,
  handedInLate: "handed in late",
  answered: (cell: Cell) => `${cell.answered ?? 0} of ${cell.questions ?? 0} answered`,
  waiting: (count: number) =>
    count === 1 ? "one answer came late and waits for you" : `${count} answers came late and wait for you`,
  toMark: "to be marked",
  low: "a low result",
  asked: "asked again or reminded",
  tries: (count: number) => `${count} tries`,
  missed: (numbers: number[]) =>
    numbers.length > 6
      ? `missed ${numbers.length} questions`
      : `missed ${numbers.length === 1 ? "question" : "questions"} ${numbers.join(", ")}`,
  when: {
    label: "Which weeks",
    ALL: "all weeks",
    FOUR: "last four weeks and to come",
    TWO: "last two weeks and to come",
  },
  category: "Which kind of work",
  allCategories: "all work",
  state: {
    label: "Which cells",
    ALL: "every state",
    OPEN: "not handed in",
    LATE: "past due",
    LOW: "low results",
    TO_MARK: "to be marked",
    NOW: "at it now",
  },
  keys: [
    [["T"], "another try"],
    [["E"], "excuse"],
    [["X"], "extend"],
    [["R"], "remind"],
  ] as const,
  panel: {
    label: "What is selected",
    close: "Close",
    several: (count: number) => `${count} selected`,
    of: (cell: Cell) =>
      cell.possible === undefined
        ? ""
        : `of ${common.points(cell.possible)}${cell.tries ? ` · ${words.tries(cell.tries)}` : ""}`,
    anotherTry: "Another try…",
    excuse: "Excuse",
    unexcuse: "Not excused any more",
    extend: "Two days more",
    remind: "Remind",
    read: "Read the answers",
    weakest: (skill: string) => `Missed most: ${skill}`,
    letter: (count: number) => (count === 1 ? "Letter to the family" : `Letters to ${count} families`),
    toMark: "Mark it",
    story: "How the mark came about",
    done: {
      excused: (count: number) => `${plural(count, "piece")} of work excused.`,
      unexcused: "Not excused any more.",
      extended: "Two teaching days more.",
      reminded: (count: number) => `${plural(count, "student")} reminded on their own page.`,
      again: (count: number) => `Another try for ${plural(count, "student")}.`,
      undone: "Taken back.",
    },
    hint: "Choose cells to act on several at once: click one, then others with Ctrl, or a column's circle.",
  },
  tryAgain: {
    title: "Another try",
    about: "Earlier tries stay. Students see it among what is to do now.",
    due: "Until",
    dueHelp: "Empty leaves the dates as they are.",
    version: "Which version",
    sameVersion: "the same as before",
    cancel: "Cancel",
    give: "Give another try",
  },
};
