import type { Schemas } from "../api/client";
import { plural } from "../shell/plural";

export const words = {
  title: "History",
  ofClass: "Who did what in this class, newest first. Nobody can change it.",
  ofSchool:
    "What was done to the school itself, and who works in which class, newest first. Nobody can change it.",
  of: (kind: Schemas["TrailSubject"]["kind"], name: string) =>
    kind === "STUDENT"
      ? `What concerned ${name}, in all your classes, newest first.`
      : `What was done to ${name}, newest first.`,
  whole: "Show the whole class",
  takeAlong: "Take along as CSV",
  older: "Show older",
  none: "Nothing has been done yet.",
  byItself: "by itself",
  open: "History",
  openClass: "History of this class",
  more: (others: number) => `and ${plural(others, "more", "more")}`,
  heads: { when: "When", who: "Who", deed: "What was done", about: "To whom or what", facts: "Details" },
};
