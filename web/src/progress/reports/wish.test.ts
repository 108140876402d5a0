import { describe, expect, it } from "vitest";
import { isOfStudents, pdfOf } from "./wish";

describe("the address of a PDF", () => {
  it("names the class, the kind, and every student", () => {
    expect(pdfOf(7, { kind: "FAMILY_LETTER", students: [3, 4] })).toBe(
      "/api/classes/7/reports.pdf?kind=FAMILY_LETTER&students=3&students=4",
    );
  });

  it("leaves out what was not asked for, and keeps what was switched off", () => {
    const address = pdfOf(7, { kind: "GROUP_REPORT", groupId: undefined, language: "", mark: false });
    expect(address).toBe("/api/classes/7/reports.pdf?kind=GROUP_REPORT&mark=false");
  });

  it("carries a teacher's words whole", () => {
    const words = "Bring boots & a hat?\nThank you.";
    const address = pdfOf(7, { kind: "CERTIFICATE", ownWords: words });
    expect(new URL(address, "http://school").searchParams.get("ownWords")).toBe(words);
  });
});

describe("what is written about single students", () => {
  it("are letters and certificates", () => {
    expect(isOfStudents("FAMILY_LETTER")).toBe(true);
    expect(isOfStudents("CERTIFICATE")).toBe(true);
    expect(isOfStudents("GROUP_REPORT")).toBe(false);
    expect(isOfStudents("OWN_WEEK")).toBe(false);
  });
});
