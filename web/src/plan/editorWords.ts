import type { Schemas } from "../api/client";

export const editorWords = {
  cancel: "Back",
  textTitle: "Title",
  level: "Level",
  body: "Text",
  bodyHelp: "An empty line begins a new paragraph.",
  keepText: "Keep this text",
  setTitle: "Name of these questions",
  prompt: (number: number) => `Question ${number}`,
  kind: "kind",
  kinds: {
    SINGLE_CHOICE: "one of several",
    NUMERIC: "a number",
    SHORT_ANSWER: "a word or two",
  } satisfies Record<Schemas["QuestionShown"]["kind"], string>,
  points: "points",
  options: "Options, one a line; a star before the right one",
  answer: "Answer",
  tolerance: "give or take",
  unit: "unit",
  accepted: "Accepted answers, one a line",
  another: "Another question",
  remove: (number: number) => `Remove question ${number}`,
  keepSet: "Keep these questions",
};
