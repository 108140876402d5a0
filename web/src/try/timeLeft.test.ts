import { describe, expect, it } from "vitest";
import { dueInWords } from "../shell/dates";
import { announcement, secondsLeft } from "./timeLeft";

describe("the time left", () => {
  it("counts from the server's clock and what has passed since, not from the device's date", () => {
    expect(secondsLeft("2027-02-09T12:40:00Z", "2027-02-09T12:10:00Z", 60_000)).toBe(29 * 60);
  });

  it("is never below nothing, and has no number without a limit", () => {
    expect(secondsLeft("2027-02-09T12:10:00Z", "2027-02-09T12:10:01Z", 0)).toBe(0);
    expect(secondsLeft(undefined, "2027-02-09T12:10:00Z", 0)).toBeUndefined();
  });

  it("speaks at half, five minutes and one", () => {
    expect([15 * 60, 300, 60].map((seconds) => announcement(30, seconds))).toEqual([15, 5, 1]);
    expect(announcement(30, 299)).toBeUndefined();
  });
});

describe("a due time in words", () => {
  it.each([
    ["2027-02-09T15:00:00", "today, 3:00 pm"],
    ["2027-02-10T09:00:00", "tomorrow, 9:00 am"],
    ["2027-02-12T15:00:00", "Friday, 3:00 pm"],
    ["2027-02-22T15:00:00", "Mon 22 Feb"],
  ])("%s is %s", (due, words) => {
    expect(dueInWords(due, "2027-02-09T08:10:00")).toBe(words);
  });
});
