import { describe, expect, it } from "vitest";
import { words } from "./words";

const task = { id: 1, name: "Marsh map", handedIn: 1, covered: 23 };

describe("the head of a column", () => {
  it("counts handed in of those it was given to", () => {
    expect(words.column(task)).toBe("1 of 23");
    expect(words.columnHelp(task)).toBe("1 student handed in, of 23 it was given to");
  });
});

describe("a cell", () => {
  it("says how far a running try is", () => {
    expect(words.answered({ state: "NOW", answered: 2, questions: 6, late: false, waiting: 0 })).toBe(
      "2 of 6 answered",
    );
  });

  it("has words for every state, each its own", () => {
    const all = Object.values(words.help);
    expect(new Set(all).size).toBe(all.length);
  });
});
