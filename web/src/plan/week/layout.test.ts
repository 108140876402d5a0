import { expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { lanes } from "./layout";

const days = ["2027-02-08", "2027-02-09", "2027-02-10", "2027-02-11", "2027-02-12"];

function bar(taskId: number, fromDay: number, toDay: number): Schemas["WeekBar"] {
  return {
    taskId,
    versionId: taskId,
    name: `task ${taskId}`,
    versionName: "",
    state: "DRAFT",
    way: "ON_SCREEN",
    doneFirst: false,
    fromDay,
    toDay,
    before: false,
    after: false,
    of: 1,
    handedIn: 0,
    conflicts: 0,
  };
}

function row(bars: Schemas["WeekBar"][], begins: string[] = []): Schemas["WeekRow"] {
  const sessions = begins.map((each, id) => ({
    id,
    version: 0,
    begins: each,
    minutes: 20,
    adultId: 1,
    adult: "Wen Castellane",
    mine: false,
    title: "",
    groups: [],
    clashes: [],
  }));
  return { kind: "GROUP", name: "Reef", members: 1, bars, sessions, minutes: [] };
}

it("gives overlapping bars lanes of their own and lets others share one", () => {
  const placed = lanes(row([bar(1, 0, 2), bar(2, 1, 3), bar(3, 3, 4)]), days);
  expect(placed.map((each) => [each.bar?.taskId, each.lane])).toEqual([
    [1, 0],
    [2, 1],
    [3, 0],
  ]);
});

it("puts sessions above the work of their day", () => {
  const placed = lanes(row([bar(1, 0, 4)], ["2027-02-09T10:20:00"]), days);
  expect(placed).toMatchObject([
    { from: 1, to: 1, lane: 0 },
    { from: 0, to: 4, lane: 1 },
  ]);
});

it("never lets two things lie on each other", () => {
  const bars = Array.from({ length: 12 }, (_, i) => bar(i, i % 5, Math.min(4, (i % 5) + (i % 3))));
  const placed = lanes(row(bars, [`${days[2]}T09:00:00`, `${days[2]}T10:00:00`]), days);
  for (const one of placed) {
    for (const other of placed) {
      const apart = one.to < other.from || other.to < one.from || one.lane !== other.lane;
      expect(one === other || apart).toBe(true);
    }
  }
});
