import { describe, expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { bandOf, HEIGHT, lineOf, placeOf, spanOf, WIDTH } from "./chart";

const student: Schemas["StudentGrowth"] = {
  id: 1,
  givenName: "Umi",
  familyName: "",
  points: [
    { date: "2027-01-11", value: 40 },
    { date: "2027-02-08", value: 50 },
  ],
  trend: [],
  aim: { goal: 90, goalDate: "2027-05-31" },
};

describe("a small chart", () => {
  const span = spanOf([student]);

  it("spans all values and aims, so that steep is steep in each", () => {
    expect([span.lowest, span.highest]).toEqual([40, 90]);
  });

  it("puts the first and lowest at the left below, the aim at the right above", () => {
    const [x, y] = placeOf(span, "2027-01-11", 40);
    const [right, top] = placeOf(span, "2027-05-31", 90);
    expect(x).toBeLessThan(WIDTH / 10);
    expect(y).toBeGreaterThan(HEIGHT * 0.9);
    expect(right).toBeGreaterThan(WIDTH * 0.9);
    expect(top).toBeLessThan(HEIGHT * 0.1);
  });

  it("draws a band there and back", () => {
    expect(lineOf(span, student.points).split(" ")).toHaveLength(2);
    expect(bandOf(span, student.points, 3).split(" ")).toHaveLength(4);
  });
});
