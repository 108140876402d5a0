import { expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { changeKind, words } from "./words";

const measure: Schemas["MeasureCard"] = {
  id: 1,
  name: "Words",
  unit: "words/min",
  lowest: 0,
  highest: 300,
  decimals: 0,
  lowerIsBetter: false,
  levels: [],
  whichCounts: "LATEST",
  shelfLifeDays: 120,
  archived: false,
};

it("says a scale in a few words", () => {
  expect(words.scale(measure)).toBe("0 to 300 words/min");
  expect(words.scale({ ...measure, levels: ["A", "B", "C"] })).toBe("3 levels, A to C");
});

it("says what counts", () => {
  expect(words.counts(measure)).toBe("latest counts");
  expect(words.counts({ ...measure, whichCounts: "BEST" })).toBe("best counts");
  expect(words.counts({ ...measure, whichCounts: "MEAN", meanOf: 3 })).toBe("mean of the last 3");
});

it("speaks of one change and of many", () => {
  expect(changeKind("NEW_STUDENT", 1)).toBe("new student");
  expect(changeKind("NEW_STUDENT", 24)).toBe("new students");
  expect(words.take({ count: 1 })).toBe("Apply 1 change");
  expect(words.leftOut({ count: 1 })).toBe("1 line cannot be used and is left out:");
  expect(words.leftOut({ count: 2 })).toBe("2 lines cannot be used and are left out:");
});
