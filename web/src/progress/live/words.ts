import type { Schemas } from "../../api/client";
import { wordsOf, wordsWith } from "../../languages/words";

const said = wordsOf("progress-live");

type Student = Schemas["LiveStudent"];

export const words = wordsWith("progress-live", {
  counts: (students: Student[]) =>
    (["WORKING", "STANDS_STILL", "NO_CONNECTION", "ON_BREAK", "NOT_BEGUN", "HANDED_IN"] as const)
      .map((where) => [students.filter((each) => each.where === where).length, where] as const)
      .filter(([count]) => count > 0)
      .map(([count, where]) => `${count} ${words.where[where]}`)
      .join(" · "),
  answered: (student: Student) =>
    said.answeredSays({ answered: student.answered, questions: student.questions }),
  left: (seconds: number) => said.leftSays({ seconds: Math.ceil(seconds / 60) }),
  quiet: (seconds: number) =>
    seconds < 60
      ? said.quietSays.answeredJustNow
      : said.quietSays.lastAnswerMinutes({ seconds: Math.floor(seconds / 60) }),
});
