import { describe, expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { words } from "./words";

const bar: Schemas["WeekBar"] = {
  taskId: 1,
  versionId: 2,
  name: "Why the marsh floods",
  versionName: "Short text",
  state: "DRAFT",
  way: "ON_SCREEN",
  doneFirst: false,
  opens: "2027-02-09T09:00:00",
  due: "2027-02-12T15:00:00",
  minutes: 20,
  fromDay: 1,
  toDay: 4,
  before: false,
  after: false,
  of: 6,
  handedIn: 0,
  conflicts: 0,
};

const session: Schemas["SessionShown"] = {
  id: 1,
  version: 0,
  begins: "2027-02-09T10:20:00",
  minutes: 20,
  adultId: 2,
  adult: "Wen Castellane",
  mine: false,
  title: "Long words",
  groups: [],
  clashes: [],
};

function shifted(more: Partial<Schemas["WeekShifted"]>): Schemas["WeekShifted"] {
  return { tasks: 0, sessions: [], left: [], ...more };
}

describe("a bar", () => {
  it("says what it is, and for whom where it is not for all", () => {
    expect(words.bar(bar)).toBe("Why the marsh floods · Short text · 20 min");
    expect(words.bar({ ...bar, versionName: "", minutes: undefined, doneFirst: true })).toBe(
      "Why the marsh floods · first",
    );
    expect(words.someOf(bar, 7)).toBe(" · 6 of 7");
    expect(words.someOf(bar, 6)).toBe("");
    expect(words.someOf({ ...bar, of: 0 }, 6)).toBe("");
  });

  it("says its days, how far it is and who has two", () => {
    expect(words.barAbout(bar, 7)).toBe("draft · opens Tue 9 Feb 09:00 · due Fri 12 Feb 15:00 · 6 of 7");
    expect(words.barAbout({ ...bar, state: "HANDED_OUT", handedIn: 2, conflicts: 1 }, 6)).toBe(
      "opens Tue 9 Feb 09:00 · due Fri 12 Feb 15:00 · 2 handed in · 1 student with two versions",
    );
  });
});

describe("time at the table", () => {
  it("names whoever leads it unless that is whoever looks", () => {
    expect(words.session(session)).toBe("at the table · Wen 10:20");
    expect(words.session({ ...session, mine: true })).toBe("at the table 10:20");
  });

  it("says what it clashes with", () => {
    expect(words.sessionAbout({ ...session, clashes: ["Wen is elsewhere."] })).toBe(
      "Long words · 20 min · Wen is elsewhere.",
    );
  });
});

describe("a whole week", () => {
  it("says what was copied or moved and what stays", () => {
    const before = "2027-02-01T10:20:00";
    expect(words.shifted(shifted({ tasks: 3, sessions: [{ id: 1, before }] }), true)).toBe(
      "3 tasks and 1 session copied, as drafts.",
    );
    expect(words.shifted(shifted({ tasks: 1, left: ["Tide log"] }), false)).toBe(
      "1 task moved. Tide log stays, because a student has started.",
    );
  });

  it("says where there was nothing to do", () => {
    expect(words.shifted(shifted({}), true)).toBe("That week was empty.");
    expect(words.shifted(shifted({ left: ["Tide log", "Marsh map"] }), false)).toBe(
      "Nothing moved: Tide log and Marsh map stay, because a student has started.",
    );
  });

  it("names its days and the weeks beside it", () => {
    expect(words.title("2027-02-08")).toBe("Week of 8 February");
    expect([words.before("2027-02-08"), words.after("2027-02-08")]).toEqual(["‹ 1 Feb", "15 Feb ›"]);
    expect(words.closed("Heritage Day")).toBe("no lessons: Heritage Day");
    expect(words.closed("")).toBe("no lessons");
  });

  it("names the group only on a day that is too full", () => {
    expect(words.fullest({ groupId: 1, name: "Reef", minutes: 95, tooFull: true })).toBe("95 min · Reef");
    expect(words.fullest({ groupId: 1, name: "Reef", minutes: 40, tooFull: false })).toBe("40 min");
  });
});

describe("an item that a group is ready for", () => {
  it("says its kind, level and minutes as far as they are known", () => {
    expect(words.itemAbout({ id: 1, kind: "TEXT", title: "Crab tracks", level: 420, minutes: 5 })).toBe(
      "text · 420 · 5 min",
    );
    expect(words.itemAbout({ id: 1, kind: "LESSON", title: "Long words" })).toBe("at the table");
  });
});
