import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { words } from "./words";

const hit = (fields: Partial<Schemas["Hit"]>): Schemas["Hit"] => ({
  id: 1,
  kind: "TEXT",
  title: "Tides",
  language: "en",
  questions: 0,
  starred: false,
  visibility: "SCHOOL",
  usedBy: 0,
  needs: [],
  trains: [],
  ...fields,
});

describe("a line about an item", () => {
  it("says what it is and to whom it is new", () => {
    expect(words.about(hit({ questions: 5 }), 7)).toBe("text with 5 questions · new to all 7");
    expect(words.about(hit({ usedBy: 1 }), 7)).toBe("text · 1 of 7 has had it");
    expect(words.about(hit({ usedBy: 2 }), 7)).toBe("text · 2 of 7 have had it");
  });

  it("names what it needs only where somebody lacks it", () => {
    const needs = [
      { id: 1, name: "Key details", heldBy: 4 },
      { id: 2, name: "Equal groups", heldBy: 7 },
    ];
    expect(words.about(hit({ needs }), 7)).toBe(
      "text · prerequisite: Key details (4 have it) · new to all 7",
    );
  });

  it("says of a lesson not who has had it, and of a class without students nothing", () => {
    expect(words.about(hit({ kind: "LESSON" }), 7)).toBe("at the table");
    expect(words.about(hit({}), 0)).toBe("text");
  });

  it("names another language and that it is one's own", () => {
    expect(words.about(hit({ language: "es", visibility: "PRIVATE" }), 0)).toBe("text · Spanish · only you");
  });
});

describe("a level", () => {
  it("is a number, a range, or a name", () => {
    expect(words.level(480, 480)).toBe("480");
    expect(words.level(480, 520)).toBe("480–520");
    expect(words.level(1, 1, ["ripple", "wave"])).toBe("wave");
    expect(words.levelAbout(590, 549, 604, [])).toBe("median 590, 549 to 604");
  });
});

describe("links that were followed", () => {
  it("are counted in words", () => {
    expect(words.checked(0)).toBe("All links open.");
    expect(words.checked(1)).toBe("1 link does not open.");
    expect(words.checked(3)).toBe("3 links do not open.");
  });
});
