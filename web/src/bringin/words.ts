import type { Schemas } from "../api/client";
import { plural } from "../shell/plural";

export const words = {
  title: "Bring in a class",
  choose: "Choose a file…",
  chooseHelp:
    "A list saved from your spreadsheet as CSV: names, grade, and a column for each score. Nothing is kept until you take it.",
  another: "Another file…",
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
    GRADE: "grade",
    SCORE: "a new measure",
    NOTHING: "left out",
  } satisfies Record<Schemas["ColumnUse"]["as"], string>,
  highest: "largest value",
  row: "row",
  name: "name",
  notAssessed: "not assessed",
  take: (good: number) => `Take ${plural(good, "student")}`,
  summary: (good: number, bad: number) =>
    bad === 0
      ? `${plural(good, "row")}, all of them good.`
      : `${plural(good, "row")} good, ${plural(bad, "row")} with a problem. Rows with a problem are left out.`,
  taken: (result: Schemas["Taken"]) =>
    `${plural(result.newStudents, "new student")} and ${plural(result.scores, "score")} taken` +
    (result.leftOut > 0 ? `, ${plural(result.leftOut, "row")} left out.` : "."),
};
