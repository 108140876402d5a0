import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { handOutSentence, isEased, onTopSentence, problemSentence, timeReason, words } from "./words";

const version: Schemas["VersionShown"] = {
  id: 2,
  base: false,
  staffName: "Two sources",
  overrides: [],
  title: "Why the marsh floods",
  instructions: "",
  texts: [],
  questions: [1, 2],
  pointsInAll: 3,
  minutes: 30,
  includesAccommodations: false,
  opens: "2027-02-09T09:00:00",
  due: "2027-02-12T15:00:00",
  tries: 1,
  targets: { everyone: false, groups: [], students: [], except: [] },
  started: false,
};

const plain: Schemas["TermsShown"] = { reason: "AS_SET", extraDays: 0, tries: 1, eased: [], onTop: [] };

function recipient(givenName: string, terms?: Partial<Schemas["TermsShown"]>): Schemas["Recipient"] {
  return {
    id: 1,
    givenName,
    familyName: "Test",
    gets: "ONE",
    versionId: 2,
    claims: [],
    work: "NOT_BEGUN",
    terms: { ...plain, ...terms },
  };
}

describe("what handing out will do, in plain sentences", () => {
  it("says who gets what, from when, until when and how long", () => {
    expect(handOutSentence(version, [recipient("Umi"), recipient("Kofi")])).toBe(
      "2 students get “Why the marsh floods” as Two sources: opens Tue 9 Feb 09:00, due Fri 12 Feb 15:00, 30 min.",
    );
  });

  it("says so where there is no limit and no date", () => {
    const open = { ...version, minutes: undefined, opens: undefined, due: undefined };
    expect(handOutSentence(open, [recipient("Umi")])).toBe(
      "1 student gets “Why the marsh floods” as Two sources: can be seen at once, no time limit.",
    );
  });

  it("calls the base the base", () => {
    expect(handOutSentence({ ...version, base: true }, [recipient("Umi")])).toContain("as Base:");
  });

  it("names what a student gets beyond the version", () => {
    expect(onTopSentence(recipient("Umi", { reason: "EXTENDED", minutes: 45, set: 30, factor: 1.5 }))).toBe(
      "Umi has 45 min instead of 30.",
    );
    expect(onTopSentence(recipient("Kofi", { reason: "UNTIMED", set: 30 }))).toBe(
      "Kofi works without a time limit.",
    );
    const both = {
      reason: "EXTENDED" as const,
      minutes: 60,
      set: 30,
      factor: 2,
      extraDays: 2,
      due: "2027-02-17T15:00:00",
    };
    expect(onTopSentence(recipient("Viggo", both))).toBe(
      "Viggo has 60 min instead of 30 and hands in by Wed 17 Feb 15:00.",
    );
  });
});

describe("who stands on top", () => {
  it("is whoever has more than the version says", () => {
    expect(isEased(recipient("Umi"))).toBe(false);
    expect(isEased(recipient("Umi", { eased: ["TRIES"] }))).toBe(true);
    expect(isEased(recipient("Umi", { onTop: [{ support: "READ_ALOUD", detail: "" }] }))).toBe(true);
    expect(isEased({ ...recipient("Umi"), terms: undefined })).toBe(false);
  });

  it("has supports named once, time and days aside", () => {
    const marks: Schemas["NeedMark"][] = [
      { support: "EXTENDED_TIME", amount: 1.5, detail: "" },
      { support: "READ_ALOUD", detail: "" },
      { support: "TOOL", detail: "calculator" },
    ];
    expect(words.supports(marks, 4)).toBe("4 questions, read aloud, calculator");
  });
});

describe("why a student has the time they have", () => {
  it("shows the sum for extended time and nothing for the plain case", () => {
    expect(timeReason({ ...plain, reason: "EXTENDED", minutes: 45, set: 30, factor: 1.5 })).toBe(
      "= 30 × 1.5",
    );
    expect(timeReason({ ...plain, minutes: 30 })).toBe("");
    expect(timeReason({ ...plain, minutes: 30, eased: ["MINUTES"] })).toBe("adjusted");
    expect(timeReason({ ...plain, reason: "FOR_THIS_STUDENT", minutes: 25 })).toBe("set for this student");
  });
});

describe("what stands in the way", () => {
  const problem = (kind: Schemas["TaskProblem"]["kind"], students: number[] = []) =>
    problemSentence({ kind, stops: true, versionId: 2, students, names: [] }, [version]);
  const named = (kind: Schemas["TaskProblem"]["kind"], names: string[]) =>
    problemSentence({ kind, stops: false, students: [], names, day: "2027-02-11", minutes: 95 }, [version]);

  it("is said in a sentence for every kind", () => {
    expect(problem("CONFLICTS", [1])).toBe("1 student would get two versions. Choose one for each.");
    expect(problem("NOT_COVERED", [1, 2])).toBe("2 students would get nothing.");
    expect(problem("NOBODY")).toContain("Nobody gets this task yet.");
    expect(problem("NOTHING_TO_DO")).toBe("“Two sources” has nothing to do yet.");
    expect(problem("NO_TITLE")).toContain("“Two sources” has no title");
    expect(problem("DATES_OUT_OF_ORDER")).toContain("out of order");
    expect(problem("OPENS_ON_CLOSED_DAY")).toContain("opens on a day without lessons");
    expect(problem("DUE_ON_CLOSED_DAY")).toContain("is due on a day without lessons");
    expect(problem("OPENS_IN_PAST")).toContain("opens in the past");
    expect(named("BROKEN_LINK", ["Tide clock"])).toBe("Tide clock does not open when followed.");
    expect(named("SERIES_DRAFTS", ["Part 2", "Part 3"])).toBe(
      "Part 2 and Part 3 of the same series are not assigned.",
    );
    expect(named("DAY_TOO_FULL", [])).toBe("On Thu 11 Feb somebody would have 95 min of work in all.");
  });
});

describe("names in a sentence", () => {
  it("are listed as people list them", () => {
    expect(words.noneTitle({ names: ["Dmitri"] })).toBe("Dmitri gets nothing");
    expect(words.noneTitle({ names: ["Dmitri", "Xanthe"] })).toBe("Dmitri and Xanthe get nothing");
    expect(words.handOutDialog.confirm({ names: ["Dmitri", "Umi", "Xanthe"] })).toBe(
      "Dmitri, Umi and Xanthe are meant to get nothing",
    );
  });

  it("and counts agree with their verbs", () => {
    expect([
      words.counts.one({ count: 1 }),
      words.counts.conflict({ count: 2 }),
      words.counts.none({ count: 1 }),
    ]).toEqual(["1 gets one version", "2 get two", "1 gets none"]);
  });
});
