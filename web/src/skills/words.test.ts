import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { codesOf, linesOfCodes } from "./codes";
import { words } from "./words";

const standing = (fields: Partial<Schemas["StandingShown"]>): Schemas["StandingShown"] => ({
  studentId: 1,
  status: "NEARLY",
  lastTwo: [],
  ...fields,
});

describe("why a student stands where they stand", () => {
  it("is what was seen last, or the screening", () => {
    expect(words.why(standing({ lastTwo: [0.5, 0.9], lastSeen: "2027-02-03" }))).toBe(
      "50 %, then 90 %, last on 2027-02-03",
    );
    expect(
      words.why(standing({ placedBy: { measure: "Tideline", value: 871, cut: 800, takenOn: "2027-02-02" } })),
    ).toBe("Tideline 871, from 800 past it");
    expect(words.why(standing({}))).toBe("");
  });
});

describe("what was brought in", () => {
  it("is counted in words", () => {
    expect(words.brought(1, 0)).toBe("1 new skill.");
    expect(words.brought(12, 3)).toBe("12 new skills, 3 were here already.");
  });
});

describe("codes in lines", () => {
  it("come back as they were written", () => {
    const codes = [
      { scheme: "Harbour outline", code: "R4.1" },
      { scheme: "Island | old", code: "7" },
    ];
    expect(codesOf(linesOfCodes(codes))).toEqual(codes);
  });

  it("may lack the name of the standard, and empty lines are none", () => {
    expect(codesOf("R4.1\n\n")).toEqual([{ scheme: "–", code: "R4.1" }]);
  });
});
