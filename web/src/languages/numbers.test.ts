import { describe, expect, it } from "vitest";
import { spell, timeInZone, writeHours } from "../shell/dates";
import { typedNumber } from "./numbers";

describe("what is typed and written by the customs of a place", () => {
  it("reads a decimal comma as a decimal point", () => {
    expect(typedNumber(" 7,5 ")).toBe(7.5);
    expect(typedNumber("7.5")).toBe(7.5);
    expect(typedNumber("")).toBeNaN();
    expect(typedNumber("1,000.5")).toBeNaN();
  });

  it("writes the time of day as the school does, in every pattern", () => {
    writeHours("H12");
    expect(spell("2027-02-09T15:05", "time")).toBe("3:05 pm");
    expect(spell("2027-02-09T15:05", "weekdayTime")).toBe("Tue 3:05 pm");
    expect(timeInZone("2027-02-09T19:05:00Z", "America/Halifax")).toMatch(/^3:05\sp\.m\.$/);
    writeHours("H24");
    expect(spell("2027-02-09T15:05", "clock")).toBe("15:05");
    expect(timeInZone("2027-02-09T19:05:00Z", "America/Halifax")).toBe("15:05");
    writeHours(undefined);
    expect(spell("2027-02-09T15:05", "clock")).toBe("3:05 pm");
    expect(spell("2027-02-09T15:05", "time")).toBe("15:05");
  });
});
