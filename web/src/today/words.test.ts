import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { words } from "./words";

const today: Schemas["Today"] = {
  localNow: "2027-02-09T08:10:00",
  nextMeeting: "08:30:00",
  mayChange: true,
  arrangements: [],
  drafts: [],
  conflicts: [],
  overdue: [],
  idle: [],
  soon: [],
  groups: [],
  brokenLinks: [],
  askToJoin: 0,
};

const thing: Schemas["Thing"] = { kind: "OPENS", name: "Why the marsh floods", adult: "", eased: [] };

describe("the head of the day", () => {
  it("says when the next lesson is", () => {
    expect(words.about(today, "5 Heron")).toBe("next lesson in 20 minutes · 5 Heron");
    expect(words.about({ ...today, nextMeeting: "13:00:00" }, "5 Heron")).toBe("next lesson 13:00 · 5 Heron");
    expect(words.about({ ...today, nextMeeting: undefined }, "5 Heron")).toBe("5 Heron");
  });
});

describe("what today holds for a group", () => {
  it("is said with its time and whose time is another", () => {
    expect(words.thing({ ...thing, at: "09:00:00", minutes: 20, eased: ["Kofi 30"] })).toBe(
      "Why the marsh floods opens 09:00 · 20 min, Kofi 30",
    );
    expect(words.thing({ ...thing, kind: "DUE" })).toBe("Why the marsh floods, due today");
    expect(
      words.thing({ ...thing, kind: "SESSION", name: "", adult: "Wen Castellane", at: "10:20:00" }),
    ).toBe("at the table with Wen 10:20");
  });
});

describe("a draft", () => {
  it("says when it should open, or how long it has lain", () => {
    const draft = { id: 1, name: "Tide log", made: "2027-02-01", students: 23 };
    expect(words.draft.about({ ...draft, opens: "2027-02-09T09:00:00" })).toBe(
      "it should open Tue 9 Feb 09:00 for 23 students",
    );
    expect(words.draft.about(draft)).toBe("made Mon 1 Feb, on no day yet");
  });
});
