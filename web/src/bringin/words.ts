import type { Schemas } from "../api/client";
import { plural } from "../shell/plural";

export const words = {
  title: "Bring in a class",
  choose: "Choose a file…",
  chooseHelp:
    "A list as CSV, .xlsx or .ods: names, and a column for each score, need or skill. Nothing is kept until you take it.",
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
  preview: "What would be taken",
  className: "Name of the class",
  grade: "Grade",
  gradeHelp: "for rows that give none",
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
  take: (good: number) => `Take ${plural(good, "row")}`,
  summary: (good: number, bad: number) =>
    bad === 0
      ? `${plural(good, "row")}, all of them good.`
      : `${plural(good, "row")} good, ${plural(bad, "row")} with a problem. Rows with a problem are left out.`,
  more: (made: number, unchanged: number) =>
    [made > 0 && plural(made, "new student"), unchanged > 0 && `${plural(unchanged, "row")} here already`]
      .filter(Boolean)
      .join(", "),
  taken: (result: Schemas["Taken"]) =>
    `${plural(result.newStudents, "new student")} and ${plural(result.scores, "score")} taken` +
    (result.needs > 0 ? `, ${plural(result.needs, "need")} granted` : "") +
    (result.leftOut > 0 ? `, ${plural(result.leftOut, "row")} left out.` : "."),
};
