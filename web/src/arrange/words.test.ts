import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { effectSentence, words } from "./words";

const about = { studentId: 1, givenName: "Umi", taskName: "Why the marsh floods" };

function sentence(effect: Omit<Schemas["Effect"], keyof typeof about>): string {
  return effectSentence({ ...about, ...effect });
}

describe("what a move does to open work, in words", () => {
  it("says that started work stays", () => {
    expect(sentence({ kind: "KEEPS_STARTED", fromVersion: "Short text" })).toBe(
      "Umi keeps “Why the marsh floods” (Short text): it is started.",
    );
  });

  it("says which version takes the place of which", () => {
    expect(sentence({ kind: "CHANGES", fromVersion: "Short text", toVersion: "As it is" })).toBe(
      "Umi gets “Why the marsh floods” as As it is instead of Short text: not started.",
    );
  });

  it("says what is withdrawn and what comes", () => {
    expect(sentence({ kind: "WITHDRAWN", fromVersion: "Short text" })).toContain("no longer gets");
    expect(sentence({ kind: "GAINS", toVersion: "As it is" })).toBe(
      "Umi gets “Why the marsh floods” (As it is).",
    );
  });

  it("says when somebody has to choose", () => {
    expect(sentence({ kind: "LEADS_TO_CONFLICT" })).toContain("two versions");
  });
});

describe("numbers in the bench's sentences", () => {
  it("count one and many rightly", () => {
    expect(words.says.placed(1, "Reef")).toBe("1 student placed in Reef.");
    expect(words.says.placed(3, "Reef")).toBe("3 students placed in Reef.");
    expect(words.fitPoint(1, 0)).toBe("1 group: fit 0.00");
    expect(words.fitPoint(4, 0.986)).toBe("4 groups: fit 0.99");
  });

  it("say where the sizes do not allow a number of groups", () => {
    expect(words.fitPoint(2, undefined)).toBe("2 groups: sizes do not allow it");
  });

  it("leave out what is nothing", () => {
    expect(words.cardAbout(4, 0)).toBe("4 groups");
    expect(words.cardAbout(1, 2)).toBe("1 group, 2 not placed");
  });
});
