import { describe, expect, it } from "vitest";
import { needsShown, words } from "./words";

describe("needs as discreet marks", () => {
  it("are none for a student without any", () => {
    expect(needsShown(undefined)).toEqual([]);
    expect(needsShown({ untimed: false, extraDays: 0 })).toEqual([]);
  });

  it("show the factor, or that there is no limit", () => {
    expect(needsShown({ timeFactor: 1.5, untimed: false, extraDays: 0 })).toEqual(["1.5×"]);
    expect(needsShown({ timeFactor: 1.5, untimed: true, extraDays: 0 })).toEqual(["untimed"]);
  });

  it("show extra days beside the time", () => {
    expect(needsShown({ timeFactor: 2, untimed: false, extraDays: 2 })).toEqual(["2×", "+2 days"]);
    expect(needsShown({ untimed: false, extraDays: 1 })).toEqual(["+1 day"]);
  });
});

describe("the group chip", () => {
  it("names student, arrangement and group for who cannot see it", () => {
    expect(words.place("Umi", "Salt-marsh reading", "Reef")).toBe(
      "Umi in Salt-marsh reading: Reef. Change group",
    );
  });
});
