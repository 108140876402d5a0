import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { editOf, itemDraftOf, newItem } from "./itemDraft";
import { emptyDraft } from "./questionDraft";

const item: Schemas["ItemView"] = {
  id: 7,
  kind: "TEXT",
  title: "Tides",
  body: "High and low.",
  html: "<p>High and low.</p>",
  language: "en",
  minutes: 8,
  levelMeasureId: 1,
  levelLow: 480,
  levelHigh: 520,
  gradeLow: 4,
  gradeHigh: 6,
  skills: [
    { skillId: 3, role: "TRAINS" },
    { skillId: 5, role: "NEEDS" },
  ],
  visibility: "SCHOOL",
  tags: ["marsh"],
  licence: "free",
  address: "",
  aims: "",
  steps: "",
  materials: "",
  lesson: { aims: "", steps: "", materials: "" },
  questions: [{ id: 9, kind: "NUMERIC", prompt: "How long?", points: 1, body: { value: 6, tolerance: 0 } }],
  starred: false,
  madeOn: "2027-02-09",
  mayEdit: true,
  editions: 0,
  version: 4,
};

describe("an item in the editor", () => {
  it("is sent back as it came", () => {
    const edit = editOf(itemDraftOf(item), 1);
    expect(edit).toMatchObject({
      kind: "TEXT",
      title: "Tides",
      minutes: 8,
      levelMeasureId: 1,
      levelLow: 480,
      levelHigh: 520,
      gradeLow: 4,
      gradeHigh: 6,
      version: 4,
      skills: item.skills,
    });
    expect(edit.questions?.[0]).toMatchObject({ id: 9, prompt: "How long?", body: { value: 6 } });
  });

  it("names no class unless it is for one", () => {
    expect(editOf(itemDraftOf(item), 1).classId).toBeUndefined();
    expect(editOf({ ...itemDraftOf(item), visibility: "CLASS" }, 1).classId).toBe(1);
  });

  it("has no measure without a level", () => {
    const edit = editOf({ ...itemDraftOf(item), levelLow: "" }, 1);
    expect(edit.levelMeasureId).toBeUndefined();
    expect(edit.levelLow).toBeUndefined();
  });

  it("reads numbers with a decimal comma and leaves out what is none", () => {
    const edit = editOf({ ...itemDraftOf(item), levelLow: "2,5", minutes: "soon" }, 1);
    expect(edit.levelLow).toBe(2.5);
    expect(edit.minutes).toBeUndefined();
  });

  it("leaves out questions of which nothing was written", () => {
    const draft = { ...newItem("QUIZ"), questions: [{ ...emptyDraft(), prompt: "Why?" }, emptyDraft()] };
    expect(editOf(draft, 1).questions).toHaveLength(1);
  });

  it("begins with a question where questions are what it is", () => {
    expect(newItem("QUIZ").questions).toHaveLength(1);
    expect(newItem("TEXT").questions).toHaveLength(0);
  });
});
