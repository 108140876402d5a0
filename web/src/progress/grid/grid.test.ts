import { describe, expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { columnsShown, isWanted } from "./gridFilter";
import { allOf, chosen, NOTHING, workOf } from "./selection";
import { weakestOf } from "./weakest";

const task = (id: number, due: string | undefined, categoryId = 0): Schemas["TaskColumn"] => ({
  id,
  name: `Task ${id}`,
  way: "ON_SCREEN",
  categoryId,
  due,
  handedIn: 0,
  covered: 1,
  toMark: 0,
});

const grid: Schemas["Grid"] = {
  tasks: [task(1, "2027-01-04T09:00"), task(2, "2027-02-10T09:00", 5), task(3, undefined)],
  groups: [
    {
      name: "Reef",
      medians: [],
      students: [
        {
          id: 9,
          givenName: "Umi",
          familyName: "",
          missing: 1,
          late: 0,
          cells: [
            { column: 0, state: "HANDED_IN", earned: 2, possible: 8, low: true },
            { column: 1, state: "LATE" },
          ],
        },
      ],
    },
  ],
  lowPercent: 60,
  mayChange: true,
};

describe("narrowing the grid", () => {
  it("keeps what was due in the last weeks, is to come, or is due on no day", () => {
    expect(columnsShown(grid, { when: "FOUR", which: "ALL" }, "2027-02-09")).toEqual([1, 2]);
    expect(columnsShown(grid, { when: "ALL", which: "ALL" }, "2027-02-09")).toEqual([0, 1, 2]);
  });

  it("keeps one kind of work, and columns with a cell that is looked for", () => {
    expect(columnsShown(grid, { when: "ALL", category: 5, which: "ALL" }, "2027-02-09")).toEqual([1]);
    expect(columnsShown(grid, { when: "ALL", which: "LOW" }, "2027-02-09")).toEqual([0]);
  });

  it("looks for late work among what is not handed in", () => {
    expect(isWanted({ column: 1, state: "LATE" }, "OPEN")).toBe(true);
    expect(isWanted({ column: 1, state: "HANDED_IN" }, "OPEN")).toBe(false);
    expect(isWanted({ column: 1, state: "HANDED_IN", toMark: 1 }, "TO_MARK")).toBe(true);
    expect(isWanted({ column: 1, state: "NOW" }, "NOW")).toBe(true);
  });
});

describe("choosing cells", () => {
  it("one alone, again for none, with more one more or less", () => {
    const one = chosen(NOTHING, "1/9", false);
    expect([...one]).toEqual(["1/9"]);
    expect(chosen(one, "1/9", false).size).toBe(0);
    expect([...chosen(one, "2/9", true)]).toEqual(["1/9", "2/9"]);
    expect(chosen(one, "1/9", true).size).toBe(0);
  });

  it("a whole column, and again for none of it", () => {
    const all = allOf(NOTHING, ["1/8", "1/9"]);
    expect(all.size).toBe(2);
    expect(allOf(all, ["1/8", "1/9"]).size).toBe(0);
    expect(workOf("12/345")).toEqual({ taskId: 12, studentId: 345 });
  });
});

describe("the weakest skill of those who are selected", () => {
  const skill = (id: number, share: number, missed: number[]) => ({
    id,
    name: `s${id}`,
    share,
    shares: [],
    missed,
  });
  const skills = [skill(1, 0.4, [7]), skill(2, 0.6, [7, 8]), skill(3, 0.5, [8, 9])];

  it("is the one that most of them missed, and of equal ones the lower", () => {
    expect(weakestOf(skills, [7, 8])).toMatchObject({ skill: { id: 2 }, missed: [7, 8] });
    expect(weakestOf(skills, [7])).toMatchObject({ skill: { id: 1 }, missed: [7] });
  });

  it("is none where nobody missed any", () => {
    expect(weakestOf(skills, [4])).toBeUndefined();
  });
});
