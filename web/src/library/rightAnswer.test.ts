import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { rightAnswer } from "./rightAnswer";

const question = (
  kind: Schemas["QuestionShown"]["kind"],
  body: Schemas["QuestionBody"],
): Schemas["QuestionShown"] => ({ kind, prompt: "Why?", points: 1, body });

describe("what is right, in a few words", () => {
  it.each([
    [question("SINGLE_CHOICE", { options: ["wind", "moon"], right: 1 }), "B · moon"],
    [question("MULTIPLE_CHOICE", { options: ["a", "b", "c"], rights: [0, 2] }), "a + c"],
    [question("NUMERIC", { value: 6, tolerance: 0.5, unit: "hours" }), "6 ± 0.5 hours"],
    [question("NUMERIC", { value: 6, tolerance: 0 }), "6"],
    [question("SHORT_ANSWER", { accepted: ["moon", "the moon"] }), "moon"],
    [question("ORDERING", { options: ["low", "high"] }), "low → high"],
    [
      question("MATCHING", { options: ["full", "new"], partners: ["spring"], pairs: [0, 0] }),
      "full – spring; new – spring",
    ],
    [question("BLANKS", { pieces: [{ text: "The " }, { text: "", accepted: ["moon", "Moon"] }] }), "moon"],
    [
      question("HOT_WORDS", {
        pieces: [
          { text: "so", right: true },
          { text: "and", right: false },
        ],
      }),
      "so",
    ],
    [question("LONG_ANSWER", { guidance: "Two reasons" }), "Two reasons"],
    [question("LONG_ANSWER", {}), "the teacher marks"],
    [question("SINGLE_CHOICE", { options: ["wind"] }), ""],
  ])("of %#", (asked, words) => {
    expect(rightAnswer(asked)).toBe(words);
  });
});
