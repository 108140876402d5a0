import { describe, expect, it } from "vitest";
import { draftOf, emptyDraft, type QuestionDraft, questionOf } from "./questionDraft";

const draft = (fields: Partial<QuestionDraft>): QuestionDraft => ({
  ...emptyDraft(),
  prompt: "Why?",
  ...fields,
});

describe("a question in lines", () => {
  it("takes the starred line as right and one with a minus as the first to leave out", () => {
    expect(questionOf(draft({ lines: "wind\n* moon\n- crabs" })).body).toMatchObject({
      options: ["wind", "moon", "crabs"],
      right: 1,
      leaveOut: [2],
    });
  });

  it("has no right option while two lines are starred and one can be chosen", () => {
    expect(questionOf(draft({ lines: "*wind\n*moon" })).body.right).toBeUndefined();
    expect(questionOf(draft({ kind: "MULTIPLE_CHOICE", lines: "*wind\n*moon\nmud" })).body.rights).toEqual([
      0, 1,
    ]);
  });

  it("reads a decimal comma and no tolerance as none", () => {
    expect(questionOf(draft({ kind: "NUMERIC", value: "0,5" })).body).toMatchObject({
      value: 0.5,
      tolerance: 0,
    });
    expect(questionOf(draft({ kind: "NUMERIC", value: "six" })).body.value).toBeUndefined();
  });

  it("lets two parts belong to one partner, and one partner to none", () => {
    expect(
      questionOf(draft({ kind: "MATCHING", lines: "full = spring\nnew = spring\n= quiet" })).body,
    ).toMatchObject({
      options: ["full", "new"],
      partners: ["spring", "quiet"],
      pairs: [0, 0],
    });
  });

  it("reads blanks to type, blanks to pick, and brackets that are only brackets", () => {
    const { pieces } = questionOf(
      draft({ kind: "BLANKS", lines: "The [moon|the moon] pulls (\\[1\\]) the [*sea / sky]." }),
    ).body;
    expect(pieces).toEqual([
      { text: "The " },
      { text: "", accepted: ["moon", "the moon"] },
      { text: " pulls ([1]) the " },
      { text: "", choices: ["sea", "sky"], accepted: ["sea"] },
      { text: "." },
    ]);
  });

  it.each<Partial<QuestionDraft>>([
    { lines: "*wind\nmoon\n-crabs" },
    { kind: "MULTIPLE_CHOICE", lines: "*wind\n*moon\nmud", byPart: true },
    { kind: "NUMERIC", value: "6", tolerance: "0.5", unit: "hours" },
    { kind: "SHORT_ANSWER", lines: "moon\nthe moon", feedbackWrong: "Look up at night." },
    { kind: "ORDERING", lines: "low\nhigh" },
    { kind: "MATCHING", lines: "full = spring\nquarter = quiet\n= neap" },
    { kind: "BLANKS", lines: "The [moon|Moon] pulls the [*sea / sky]. \\[note\\]" },
    { kind: "HOT_WORDS", lines: "High tide [*because] of the [moon]." },
    { kind: "LONG_ANSWER", lines: "2 points for a reason" },
  ])("comes back from the server as it was written: %j", (fields) => {
    const written = draft(fields);
    const { key: _, ...kept } = draftOf(questionOf(written));
    const { key: __, ...before } = { ...written, tolerance: written.kind === "NUMERIC" ? "0.5" : "" };
    expect(kept).toEqual({ ...before, id: undefined, skillId: undefined });
  });
});
