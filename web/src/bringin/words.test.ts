import { describe, expect, it } from "vitest";
import { words } from "./words";

describe("what a class list brings, in words", () => {
  it("says that all is good where all is good", () => {
    expect(words.summary(26, 0, 0)).toBe("26 rows, all of them good.");
    expect(words.summary(1, 0, 0)).toBe("1 row, all of them good.");
  });

  it("says what is left out", () => {
    expect(words.summary(24, 2, 0)).toBe(
      "24 rows good, 2 rows with a problem. Rows with a problem are left out.",
    );
  });

  it("says how many rows wait for an answer", () => {
    expect(words.summary(24, 0, 1)).toBe("24 rows good. 1 row waits for an answer.");
    expect(words.summary(0, 1, 3)).toContain("3 rows wait for an answer.");
  });

  it("says what was taken", () => {
    const taken = {
      importId: 1,
      needs: 0,
      classId: 1,
      newStudents: 1,
      knownStudents: 0,
      scores: 3,
      leftOut: 0,
    };
    expect(words.taken(taken)).toBe("1 new student and 3 scores imported.");
    expect(words.taken({ ...taken, needs: 2 })).toBe(
      "1 new student and 3 scores imported, 2 accommodations added.",
    );
    expect(words.taken({ ...taken, leftOut: 1 })).toBe(
      "1 new student and 3 scores imported, 1 row left out.",
    );
  });

  it("says how much of a list is new and how much is here already", () => {
    expect(words.more(2, 0)).toBe("2 new students");
    expect(words.more(0, 24)).toBe("24 rows here already");
    expect(words.more(1, 1)).toBe("1 new student, 1 row here already");
  });

  it("asks with the number of rows", () => {
    expect([words.take({ good: 1 }), words.take({ good: 26 })]).toEqual(["Import 1 row", "Import 26 rows"]);
  });
});
