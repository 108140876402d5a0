import { describe, expect, it } from "vitest";
import { asField, dayAndTime, timeInZone } from "./dates";
import { listed, plural } from "./plural";

describe("plural", () => {
  it("counts nothing, one and many", () => {
    expect([plural(0, "student"), plural(1, "student"), plural(2, "student")]).toEqual([
      "0 students",
      "1 student",
      "2 students",
    ]);
    expect(plural(2, "try", "tries")).toBe("2 tries");
  });
});

describe("listed", () => {
  it("joins names as people do", () => {
    expect([listed([]), listed(["A"]), listed(["A", "B"]), listed(["A", "B", "C"])]).toEqual([
      "",
      "A",
      "A and B",
      "A, B and C",
    ]);
  });
});

describe("local times", () => {
  it("are shown as the school's clocks show them, whatever the browser's zone", () => {
    expect(dayAndTime("2027-02-09T09:00:00")).toBe("Tue 9 Feb 09:00");
    expect(dayAndTime(undefined)).toBe("");
    expect(timeInZone("2027-02-09T12:10:00Z", "America/Halifax")).toBe("08:10");
  });

  it("fill a date field and leave it empty", () => {
    expect([asField("2027-02-09T09:00:00"), asField(undefined)]).toEqual(["2027-02-09T09:00", ""]);
  });
});
