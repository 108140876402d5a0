import { describe, expect, it } from "vitest";
import { words } from "./words";

const task = {
  id: 1,
  name: "Marsh map",
  way: "ON_SCREEN" as const,
  categoryId: 0,
  handedIn: 1,
  covered: 23,
  toMark: 0,
};

describe("the head of a column", () => {
  it("counts handed in of those it was given to", () => {
    expect(words.column(task)).toBe("1 of 23");
    expect(words.columnHelp(task)).toBe("1 student handed in, of 23 it was given to");
  });

  it("says median and spread once something is marked", () => {
    const marked = { ...task, median: 7.5, lowest: 3, highest: 8 };
    expect(words.spread(marked)).toBe("3–8, median 7.5");
    expect(words.spread({ ...marked, median: 8, lowest: 8 })).toBe("all 8");
    expect(words.spread(task)).toBe("");
  });
});

describe("a cell", () => {
  it("says how far a running try is", () => {
    expect(words.answered({ column: 0, state: "NOW", answered: 2, questions: 6 })).toBe("2 of 6 answered");
  });

  it("has words for every state, each its own", () => {
    const all = Object.values(words.help);
    expect(new Set(all).size).toBe(all.length);
  });

  it("names the questions that were missed, as long as they are few", () => {
    expect(words.missed([2])).toBe("question 2 wrong");
    expect(words.missed([2, 4])).toBe("questions 2 and 4 wrong");
    expect(words.missed([1, 2, 3, 4, 5, 6, 7])).toBe("7 questions wrong");
  });
});
