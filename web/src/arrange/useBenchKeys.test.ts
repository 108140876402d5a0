import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { commandFor } from "./useBenchKeys";

const plain = { ctrlKey: false, metaKey: false, shiftKey: false, altKey: false };

function student(id: number, groupId?: number): Schemas["BenchStudent"] {
  return {
    id,
    givenName: `S${id}`,
    familyName: "Test",
    groupId,
    stale: false,
    closeToLine: false,
    locked: id === 3,
    alsoIn: [],
  };
}

function group(id: number, name: string): Schemas["BenchGroup"] {
  return { id, name, look: 0, note: "", size: 2, leads: [], bands: [] };
}

const bench: Schemas["BenchView"] = {
  id: 1,
  classId: 1,
  name: "Reading",
  subject: "reading",
  beginsOn: "2027-02-09",
  endsOn: "2027-03-12",
  measure: {
    id: 1,
    name: "Tideline",
    unit: "",
    lowest: 0,
    highest: 1200,
    decimals: 0,
    lowerIsBetter: false,
    levels: [],
    whichCounts: "LATEST",
    shelfLifeDays: 120,
    archived: false,
  },
  method: "SIMILAR",
  smallest: 1,
  largest: 8,
  groups: [group(11, "Sheet Bend"), group(12, "Reef"), group(13, "Clove")],
  students: [student(1, 11), student(2, 12), student(3, 13), student(4)],
  cuts: [],
  bands: [],
  fit: [],
  canUndo: true,
  canRedo: false,
  imbalances: [],
  advice: [],
  lineKind: "MEASURE",
  details: {
    purpose: "",
    description: "",
    note: "",
    overlap: false,
    sight: "CLASS",
    classIds: [1],
    version: 0,
  },
  adults: [],
  tags: [],
  revision: 1,
};

function press(key: string, students: number[], keys: Partial<typeof plain> = {}) {
  return commandFor({ key, ...plain, ...keys }, bench, students);
}

describe("the keys of the bench", () => {
  it("place the selected students in the tray of the number", () => {
    expect(press("2", [1, 4])).toEqual([
      { kind: "PLACE", students: [1, 4], groupId: 12 },
      "2 students placed in Reef.",
    ]);
  });

  it("lock the selected students, and unlock those who all are", () => {
    expect(press("l", [1, 3])).toEqual([{ kind: "LOCK", students: [1, 3] }, "2 students locked."]);
    expect(press("L", [3])).toEqual([{ kind: "UNLOCK", students: [3] }, "1 student unlocked."]);
  });

  it("do nothing for a number without a tray, or with nobody selected", () => {
    expect(press("7", [1])).toBeUndefined();
    expect(press("2", [])).toBeUndefined();
    expect(press("m", [])).toBeUndefined();
  });

  it("move up and down by one tray, and no further than the ends", () => {
    expect(press("]", [1])?.[0]).toMatchObject({ groupId: 12 });
    expect(press("[", [2])?.[0]).toMatchObject({ groupId: 11 });
    expect(press("[", [1])).toBeUndefined();
    expect(press("]", [3])).toBeUndefined();
  });

  it("cannot move a student up or down who is in no tray", () => {
    expect(press("]", [4])).toBeUndefined();
  });

  it("merge a tray with the next one up", () => {
    expect(press("m", [1])).toEqual([
      { kind: "MERGE", groupId: 12, otherGroupId: 11 },
      "Sheet Bend merged into Reef.",
    ]);
    expect(press("M", [1], { shiftKey: true })?.[0].kind).toBe("MERGE");
    expect(press("m", [3])).toBeUndefined();
  });

  it("undo with Z or Ctrl+Z, and redo with Shift", () => {
    expect(press("z", [])).toEqual([{ kind: "UNDO" }]);
    expect(press("z", [], { ctrlKey: true })).toEqual([{ kind: "UNDO" }]);
    expect(press("Z", [], { shiftKey: true, metaKey: true })).toEqual([{ kind: "REDO" }]);
  });

  it("leave the browser's own keys alone", () => {
    expect(press("1", [1], { ctrlKey: true })).toBeUndefined();
    expect(press("[", [2], { altKey: true })).toBeUndefined();
    expect(press("m", [1], { metaKey: true })).toBeUndefined();
  });
});
