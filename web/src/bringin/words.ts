import type { Schemas } from "../api/client";
import { plural } from "../shell/plural";

export const words = {
  title: "Import",
  howFar: "How far the import is",
  steps: ["The file", "What it means", "What will change"],
  questions: "Questions about the file",
  openQuestions: (open: number) => (open === 1 ? "One question first" : `${open} questions first`),
  answered: (all: number) => (all === 0 ? "Read as last time" : "All questions are answered"),
  afresh: "Read it afresh",
  forThisKind: "and for every file with these columns",
  howRead: "How the columns were read",
  unsure: (why: string) => `${why}; please look`,
  leftOut: "Left out",
  everyChange: "What will change",
  firstPart: "a long list: only its first part is shown and counted here, all of it is imported",
  ownLines: "row numbers are the file’s own",
  kindsOfChange: {
    PROBLEMS: "left out",
    STUDENT_CHANGED: "changed",
    STUDENT_NEW: "new",
    SCORE: "scores",
    SKILL: "skills",
    NEED: "needs",
    ROWS: "every row",
  },
  holds: { WAITS: "waits for an answer", LEFT_OUT: "left out, as you said" },
  student: "student",
  what: "what",
  now: "now",
  willBe: "will be",
  nothing: "nothing",
  tiles: (preview: Schemas["Preview"], open: number) => [
    { count: preview.good, words: preview.good === 1 ? "row to import" : "rows to import", asks: false },
    {
      count: preview.newStudents,
      words: preview.newStudents === 1 ? "new student" : "new students",
      asks: false,
    },
    {
      count: preview.changedStudents,
      words: preview.changedStudents === 1 ? "student changed" : "students changed",
      asks: false,
    },
    { count: preview.scores, words: preview.scores === 1 ? "score" : "scores", asks: false },
    { count: preview.unchanged, words: "here already", asks: false },
    { count: preview.withProblem + preview.leftOut, words: "left out", asks: false },
    { count: open, words: open === 1 ? "question" : "questions", asks: true },
  ],
  choose: "Choose a file…",
  chooseHelp:
    "A list as CSV, .xlsx or .ods: names, and a column for each score, need or skill. Nothing is changed until you import it.",
  another: "Another file…",
  paste: "or paste names or a table here",
  pasted: "pasted",
  look: "Look at it",
  tooLarge: "The file is over 5 MB. A class list is far smaller; is it the right file?",
  undone: "Taken back. Everything is as it was before.",
  takenBack: "taken back",
  takeBack: "Take back",
  nothingYet: "Nothing was brought in yet.",
  kinds: { LIST: "a list", ONE_ROSTER: "a school list", SCHOOL_SYSTEM: "the school's system" },
  isNew: "new",
  day: "day",
  preview: "What will change",
  className: "Name of the class",
  grade: "Grade, if none is given",
  takenOn: "Day of the scores",
  into: "Into",
  newClass: "a new class",
  column: "column",
  as: "is",
  uses: {
    GIVEN_NAME: "given name",
    FAMILY_NAME: "family name",
    FULL_NAME: "whole name",
    PREFERRED_NAME: "name in class",
    STUDENT_NUMBER: "number",
    GRADE: "grade",
    HOME_CLASS: "home class",
    LANGUAGE: "language",
    TAGS: "tags",
    DATE: "day of the scores",
    SCORE: "a new measure",
    SKILL: "share right on a skill",
    TIME_FACTOR: "time factor",
    EXTRA_DAYS: "extra days",
    NEED: "a need",
    NEED_AMOUNT: "amount of the need",
    NEED_DETAIL: "which language or tool",
    NEED_WORKS: "kinds of work of the need",
    NEED_SUBJECTS: "subjects of the need",
    NEED_FROM: "need from",
    NEED_TO: "need to",
    NEED_SOURCE: "source of the need",
    NOTHING: "left out",
  } satisfies Record<Schemas["ColumnUse"]["as"], string>,
  highest: "largest value",
  row: "row",
  name: "name",
  notAssessed: "not assessed",
  take: (good: number) => `Import ${plural(good, "row")}`,
  summary: (good: number, bad: number, waiting: number) =>
    [
      bad === 0 && waiting === 0
        ? `${plural(good, "row")}, all of them good.`
        : bad === 0
          ? `${plural(good, "row")} good.`
          : `${plural(good, "row")} good, ${plural(bad, "row")} with a problem. Rows with a problem are left out.`,
      waiting > 0 && `${plural(waiting, "row")} ${waiting === 1 ? "waits" : "wait"} for an answer.`,
    ]
      .filter(Boolean)
      .join(" "),
  more: (made: number, unchanged: number) =>
    [made > 0 && plural(made, "new student"), unchanged > 0 && `${plural(unchanged, "row")} here already`]
      .filter(Boolean)
      .join(", "),
  toLibrary: "See what is in it…",
  toSkills: "Import the skills",
  toSchool: "Go to School, Lists",
  taken: (result: Schemas["Taken"]) =>
    `${plural(result.newStudents, "new student")} and ${plural(result.scores, "score")} imported` +
    (result.needs > 0 ? `, ${plural(result.needs, "need")} granted` : "") +
    (result.leftOut > 0 ? `, ${plural(result.leftOut, "row")} left out.` : "."),
};
