import { describe, expect, it } from "vitest";
import { words } from "./words";

describe("what a class list brings, in words", () => {
  it("says that all is good where all is good", () => {
    expect(words.summary(26, 0)).toBe("26 rows, all of them good.");
    expect(words.summary(1, 0)).toBe("1 row, all of them good.");
  });

  it("says what is left out", () => {
    expect(words.summary(24, 2)).toBe(
      "24 rows good, 2 rows with a problem. Rows with a problem are left out.",
    );
  });

  it("says what was taken", () => {
    const taken = { classId: 1, newStudents: 1, knownStudents: 0, scores: 3, leftOut: 0 };
    expect(words.taken(taken)).toBe("1 new student and 3 scores taken.");
    expect(words.taken({ ...taken, leftOut: 1 })).toBe("1 new student and 3 scores taken, 1 row left out.");
  });

  it("asks with the number of students", () => {
    expect([words.take(1), words.take(26)]).toEqual(["Take 1 student", "Take 26 students"]);
  });
});
