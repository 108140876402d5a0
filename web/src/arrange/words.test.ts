import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { effectSentence } from "./effectWords";
import { words } from "./words";

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

describe("why a proposal is as it is", () => {
  it("tells what a rule costs, or that it costs nothing", () => {
    const rule = { kind: "APART", students: [1, 2] } as const;
    expect(words.why.rule({ ...rule, students: [1, 2], share: 0.034 }, "Ivo and Wren", "SIMILAR")).toBe(
      "Keeping Ivo and Wren apart raises the spread inside the groups by 3 %.",
    );
    expect(words.why.rule({ ...rule, students: [1, 2], share: 0.001 }, "Ivo and Wren", "MIXED")).toBe(
      "Keeping Ivo and Wren apart raises the difference between the groups by under 1 %.",
    );
    expect(words.why.rule({ ...rule, students: [1, 2], share: 0 }, "Ivo and Wren", "SIMILAR")).toBe(
      "Keeping Ivo and Wren apart costs nothing.",
    );
  });

  it("tells what else there was for a student", () => {
    const why = { id: 1, group: 0, locked: false, value: 688, ownMean: 717.9, next: 1, nextMean: 581 };
    expect(words.why.student({ ...why, keptFromNearer: false }, 0)).toBe("688, mean here 718 · next 581");
    expect(words.why.student({ ...why, keptFromNearer: true }, 0)).toContain("blocked by a rule");
    expect(words.why.student({ id: 1, group: 0, locked: true, keptFromNearer: false, choice: 2 }, 0)).toBe(
      "locked here · choice 2",
    );
  });
});

describe("numbers in the bench's sentences", () => {
  it("count one and many rightly", () => {
    expect(words.says.placed({ count: 1, group: "Reef" })).toBe("1 student placed in Reef.");
    expect(words.says.placed({ count: 3, group: "Reef" })).toBe("3 students placed in Reef.");
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
