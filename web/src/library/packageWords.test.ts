import { describe, expect, it } from "vitest";
import { words as unitWords } from "../units/words";
import { packageWords } from "./packageWords";
import { shelfWords } from "./shelfWords";

describe("what a package holds", () => {
  it("is said with its questions, or without where it has none", () => {
    expect(packageWords.item({ kind: "QUIZ", title: "Tides", questions: 4 })).toBe("quiz, 4 questions");
    expect(packageWords.item({ kind: "QUIZ", title: "Tides", questions: 1 })).toBe("quiz, 1 question");
    expect(packageWords.item({ kind: "LINK", title: "Tides", questions: 0 })).toBe("link");
  });

  it("is taken and put away again in words", () => {
    expect(packageWords.take({ count: 1 })).toBe("Import 1 item");
    expect(packageWords.taken({ count: 2 })).toBe("2 items imported.");
    expect(packageWords.back({ count: 1 })).toBe("Import undone: 1 item removed.");
  });
});

describe("what lies on a shelf", () => {
  const entry = { itemId: 1, title: "Tides", starred: false, openedBy: 2, members: 7 } as const;

  it("says its kind, its minutes where it has some, and who opened it", () => {
    expect(shelfWords.entry({ ...entry, kind: "TEXT", minutes: 8 })).toBe("text · 8 min · opened by 2 of 7");
    expect(shelfWords.entry({ ...entry, kind: "LINK" })).toBe("link · opened by 2 of 7");
  });
});

describe("what a group lacks for a unit", () => {
  it("names a few students and counts many", () => {
    expect(unitWords.lacking(["Umi"])).toBe("not yet by Umi");
    expect(unitWords.lacking(["Umi", "Odin"])).toBe("not yet by Umi and Odin");
    expect(unitWords.lacking(Array.from({ length: 9 }, (_, i) => `S${i}`))).toBe("not yet by 9 students");
    expect(unitWords.held({ held: 4, members: 7 })).toBe("4 of 7 have it");
  });
});
