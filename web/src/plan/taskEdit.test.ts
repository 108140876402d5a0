import { describe, expect, it } from "vitest";
import {
  type AdjustmentEdit,
  followingBase,
  given,
  type TaskEdit,
  type VersionEdit,
  withAdjustment,
  withField,
  withoutAdjustment,
  withoutVersion,
  withTargets,
  withVersion,
} from "./taskEdit";

function version(id: number, students: number[] = [], except: number[] = []): VersionEdit {
  return {
    id,
    staffName: `v${id}`,
    overrides: [],
    title: "Why the marsh floods",
    texts: [1],
    questions: [1, 2],
    includesAccommodations: false,
    tries: 1,
    targets: { everyone: false, groups: [], students, except },
  };
}

const task: TaskEdit = {
  version: 3,
  name: "Marsh",
  versions: [version(1), version(2, [7]), version(3, [7, 8], [9])],
};

describe("editing a task", () => {
  it("makes a changed field a version's own, and follows the base again on request", () => {
    const own = withField(task, 1, "MINUTES", { minutes: 30 });
    expect(own.versions[1]).toMatchObject({ minutes: 30, overrides: ["MINUTES"] });
    expect(own.versions[0]?.minutes).toBeUndefined();
    expect(followingBase(own, 1, "MINUTES").versions[1]?.overrides).toEqual([]);
  });

  it("lets the base have no overrides", () => {
    expect(withField(task, 0, "MINUTES", { minutes: 20 }).versions[0]).toMatchObject({
      minutes: 20,
      overrides: [],
    });
  });

  it("gives a student one version by name and takes the others away", () => {
    const chosen = given(task, [7, 9], 3);
    expect(chosen.versions.map((each) => each.targets.students)).toEqual([[], [], [8, 7, 9]]);
    expect(chosen.versions[2]?.targets.except).toEqual([]);
  });

  it("adds a version for nobody that follows the base", () => {
    const more = withVersion(task, "Short text");
    expect(more.versions[3]).toMatchObject({
      id: undefined,
      staffName: "Short text",
      overrides: [],
      targets: { everyone: false, groups: [], students: [], except: [] },
    });
  });

  it("takes a version out and leaves the others as they are", () => {
    expect(withoutVersion(task, 1).versions.map((each) => each.id)).toEqual([1, 3]);
  });

  it("names a version anew with whom it is for", () => {
    const targets = { everyone: true, groups: [4], students: [], except: [] };
    expect(withTargets(task, 1, "Short", targets).versions[1]).toMatchObject({ staffName: "Short", targets });
  });
});

describe("what is eased for some", () => {
  const eased = (minutes: number): AdjustmentEdit => ({
    sets: ["MINUTES"],
    minutes,
    targets: { everyone: false, groups: [1], students: [], except: [] },
  });
  const minutes = (edit: TaskEdit) => edit.adjustments?.map((each) => each.minutes);

  it("is added at the end, put in place of another, and taken away", () => {
    const one = withAdjustment(task, 0, eased(30));
    const two = withAdjustment(one, 1, eased(40));
    expect(minutes(two)).toEqual([30, 40]);
    expect(minutes(withAdjustment(two, 0, eased(35)))).toEqual([35, 40]);
    expect(minutes(withAdjustment(one, 9, eased(50)))).toEqual([30, 50]);
    expect(minutes(withoutAdjustment(two, 0))).toEqual([40]);
    expect(minutes(withoutAdjustment(task, 0))).toEqual([]);
  });

  it("does not change the edit it began from", () => {
    const one = withAdjustment(task, 0, eased(30));
    withAdjustment(one, 0, eased(99));
    expect(minutes(one)).toEqual([30]);
    expect(task.adjustments).toBeUndefined();
  });
});
