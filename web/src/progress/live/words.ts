import type { Schemas } from "../../api/client";
import { plural } from "../../shell/plural";

type Student = Schemas["LiveStudent"];

export const words = {
  back: "‹ the grid",
  about: "who is where, now",
  label: "The class at work",
  nobody: "This is given to nobody of those shown.",
  where: {
    WORKING: "working",
    STANDS_STILL: "stands still",
    NO_CONNECTION: "no connection",
    ON_BREAK: "on a break",
    NOT_BEGUN: "not begun",
    HANDED_IN: "handed in",
  } satisfies Record<Student["where"], string>,
  counts: (students: Student[]) =>
    (["WORKING", "STANDS_STILL", "NO_CONNECTION", "ON_BREAK", "NOT_BEGUN", "HANDED_IN"] as const)
      .map((where) => [students.filter((each) => each.where === where).length, where] as const)
      .filter(([count]) => count > 0)
      .map(([count, where]) => `${count} ${words.where[where]}`)
      .join(" · "),
  answered: (student: Student) => `${student.answered} of ${student.questions}`,
  left: (seconds: number) => `${Math.ceil(seconds / 60)} min left`,
  noLimit: "no time limit",
  quiet: (seconds: number) =>
    seconds < 60 ? "answered just now" : `last answer ${plural(Math.floor(seconds / 60), "minute")} ago`,
  added: (minutes: number) => `${plural(minutes, "minute")} added`,
  five: "5 minutes more",
  fiveFor: (name: string) => `5 minutes more for ${name}`,
  fiveForAll: (count: number) => `5 minutes more for all ${count}`,
  given: (count: number) => `5 minutes more for ${plural(count, "student")}; they see it now.`,
  takenBack: "Taken back.",
};
