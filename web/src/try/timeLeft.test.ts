import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { disagree, since } from "../api/stamp";
import { announcement, faceOf, serverNow } from "./timeLeft";

const clock: Schemas["TryClock"] = {
  now: "2027-02-09T12:00:00Z",
  endsAt: "2027-02-09T12:20:00Z",
  minutes: 20,
  addedMinutes: 0,
  breakSecondsLeft: 300,
  workSecondsLeft: 1200,
  over: false,
};

describe("the time left", () => {
  it("is counted from what the server said, not below nothing", () => {
    expect(faceOf(clock, 0).left).toBe(1200);
    expect(faceOf(clock, 90_000).left).toBe(1110);
    expect(faceOf(clock, 90_500).left).toBe(1110);
    expect(faceOf(clock, 5_000_000).left).toBe(0);
  });

  it("is not there without a limit", () => {
    expect(faceOf({ ...clock, workSecondsLeft: undefined }, 1000).left).toBeUndefined();
  });

  it("stands still on a break, and goes on by itself when that is over", () => {
    const paused = { ...clock, breakUntil: "2027-02-09T12:05:00Z" };
    expect(faceOf(paused, 60_000)).toEqual({ left: 1200, breakGoesOn: 240, breakLeft: 240 });
    expect(faceOf(paused, 300_000)).toEqual({ left: 1200, breakGoesOn: undefined, breakLeft: 0 });
    expect(faceOf(paused, 310_000).left).toBe(1190);
  });
});

describe("the clock speaks", () => {
  it.each([
    [30, 15 * 60 + 1, 15 * 60, 15],
    [30, 5 * 60 + 1, 5 * 60, 5],
    [30, 61, 60, 1],
    [30, 62, 61, undefined],
    [30, 60, 59, undefined],
    [30, 400, 290, 5],
    [30, 400, 45, 1],
    [30, undefined, 290, undefined],
    [1, 31, 30, undefined],
  ])("of %i minutes between %s and %i seconds left: %s", (minutes, before, now, said) => {
    expect(announcement(minutes, before, now)).toBe(said);
  });
});

describe("the server's clock", () => {
  it("is known here by what has passed since it was heard", () => {
    expect(serverNow(clock, 1500)).toBe("2027-02-09T12:00:01.500Z");
  });

  it("does not move with the date of the device while the page is there", () => {
    const heard = { running: 1000, date: 1_000_000, page: 5 };
    expect(since(heard, 4000, 99_000_000, 5)).toBe(3000);
    expect(since(heard, 10, 1_060_000, 6)).toBe(60_000);
    expect(since(heard, 10, 900_000, 6)).toBe(0);
  });

  it("is asked anew when the device slept or its date was changed", () => {
    const heard = { running: 1000, date: 1_000_000, page: 5, asked: 900 };
    expect(disagree(heard, 4000, 1_003_100)).toBe(false);
    expect(disagree(heard, 4000, 1_600_000)).toBe(true);
    expect(disagree(heard, 4000, 400_000)).toBe(true);
  });
});
