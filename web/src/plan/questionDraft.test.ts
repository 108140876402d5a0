import { describe, expect, it } from "vitest";
import { draftOf, emptyDraft, questionOf } from "./questionDraft";

describe("a question in the editor", () => {
  it("takes the starred line as the right option", () => {
    const question = questionOf({
      ...emptyDraft(),
      prompt: "Why?",
      lines: "the wind\n* the moon\n\nthe river",
    });
    expect(question.body).toEqual({ options: ["the wind", "the moon", "the river"], right: 1 });
  });

  it("has no right option while no line is starred", () => {
    expect(questionOf({ ...emptyDraft(), lines: "a\nb" }).body.right).toBeUndefined();
  });

  it("reads a decimal comma and leaves out what is no number", () => {
    const number = { ...emptyDraft(), kind: "NUMERIC" as const, value: "6,5", tolerance: "" };
    expect(questionOf(number).body).toEqual({ value: 6.5, tolerance: 0, unit: undefined });
    expect(questionOf({ ...number, value: "six" }).body.value).toBeUndefined();
  });

  it("comes back from the library as it was kept", () => {
    const drafts = [
      { ...emptyDraft(), prompt: "Why?", lines: "the wind\n*the moon" },
      {
        ...emptyDraft(),
        kind: "NUMERIC" as const,
        prompt: "How long?",
        value: "6",
        tolerance: "0.5",
        unit: "hours",
      },
      { ...emptyDraft(), kind: "SHORT_ANSWER" as const, prompt: "Who?", lines: "the heron\nheron" },
    ];
    expect(drafts.map((draft) => draftOf(questionOf(draft)))).toEqual(
      drafts.map((draft) => ({ id: undefined, ...draft })),
    );
  });
});
