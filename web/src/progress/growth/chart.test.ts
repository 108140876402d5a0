import { describe, expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { bandOf, HEIGHT, lineOf, placeOf, spanOf, WIDTH, windowOf } from "./chart";

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

  const window = windowOf(span, student);

  it("shows as much of the scale as the student with the longest way needs", () => {
    const near = { ...student, aim: undefined };
    expect(spanOf([student, near]).height).toBe(50);
    expect(windowOf(span, near).lowest).toBe(20);
  });

  it("puts the first and lowest at the left below, the aim at the right above", () => {
    const [x, y] = placeOf(window, "2027-01-11", 40);
    const [right, top] = placeOf(window, "2027-05-31", 90);
    expect(x).toBeLessThan(WIDTH / 10);
    expect(y).toBeGreaterThan(HEIGHT * 0.9);
    expect(right).toBeGreaterThan(WIDTH * 0.9);
    expect(top).toBeLessThan(HEIGHT * 0.1);
  });

  it("draws a band there and back", () => {
    expect(lineOf(window, student.points).split(" ")).toHaveLength(2);
    expect(bandOf(window, student.points, 3).split(" ")).toHaveLength(4);
  });
});
