import { describe, expect, it } from "vitest";
import { followingBase, given, type TaskEdit, type VersionEdit, withField, withVersion } from "./taskEdit";

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
});
