import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { aboutCard, words } from "./words";

const now = "2027-02-09T08:10:00";
const card: Schemas["Card"] = {
  taskId: 1,
  title: "Why the marsh floods",
  when: "NOW",
  way: "ON_SCREEN",
  instructions: "",
  questions: 6,
  withText: true,
  minutes: 30,
  due: "2027-02-12T15:00:00",
  answered: 0,
  anotherTry: false,
  breakMinutes: 0,
  earlier: [],
  cameLate: { waiting: 0, accepted: 0, declined: 0 },
  remark: "",
  again: false,
  excused: false,
  corrected: false,
};

describe("a piece of work in a child's words", () => {
  it("says what it is, how long one has and when it is due", () => {
    expect(aboutCard(card, now)).toBe("6 questions with a text · you have 30 minutes · due Friday, 3:00 pm");
  });

  it("says that it is another try, or that it need not be done", () => {
    expect(aboutCard({ ...card, again: true }, now)).toMatch(/^another attempt · 6 questions/);
    expect(aboutCard({ ...card, when: "DONE", excused: true }, now)).toBe("you do not have to do this");
  });

  it("leaves out a limit and a date that are not there", () => {
    const open = { ...card, minutes: undefined, due: undefined, withText: false, questions: 1 };
    expect(aboutCard(open, now)).toBe("1 question");
  });

  it("names the time by the school's day where that is true", () => {
    expect(aboutCard({ ...card, dueName: "END_OF_SCHOOL" }, now)).toContain("due Friday, end of school");
    const lunch = { ...card, due: "2027-02-10T12:00:00", dueName: "BEFORE_LUNCH" } as const;
    expect(aboutCard(lunch, now)).toContain("due tomorrow, before lunch");
  });

  it("says why there is no result yet", () => {
    const waits = { ...card, when: "DONE", resultWaits: "FOR_TEACHER" } as const;
    expect(aboutCard(waits, now)).toBe("handed in · your teacher will mark it");
  });

  it("says that the day is past without blaming", () => {
    expect(aboutCard({ ...card, due: "2027-02-08T15:00:00" }, now)).toContain("was due Mon 8 Feb");
  });

  it("says how far one is, from when it opens, and what it earned", () => {
    expect(aboutCard({ ...card, when: "GOING_ON", answered: 2 }, now)).toBe("2 of 6 answered");
    expect(aboutCard({ ...card, when: "LATER", opens: "2027-02-10T09:00:00" }, now)).toBe(
      "from tomorrow, 9:00 am",
    );
    expect(aboutCard({ ...card, when: "DONE", earned: 7, possible: 10 }, now)).toBe("7 of 10");
    expect(aboutCard({ ...card, when: "DONE" }, now)).toBe("handed in");
  });
});

describe("the greeting", () => {
  it.each([
    ["2027-02-09T08:10:00", "Good morning, Umi"],
    ["2027-02-09T12:00:00", "Good afternoon, Umi"],
    ["2027-02-09T17:30:00", "Good evening, Umi"],
  ])("at %s is %s", (local, greeting) => {
    expect(words.greeting("Umi", local)).toBe(greeting);
  });

  it("says what has to be handed in before", () => {
    expect(aboutCard({ ...card, after: "Tide log" }, now)).toBe("after you have handed in “Tide log”");
  });

  it("says how it is done where that is not by answering", () => {
    expect(aboutCard({ ...card, way: "OFF_SCREEN", minutes: undefined }, now)).toContain("off screen");
    expect(aboutCard({ ...card, way: "HAND_IN", minutes: undefined }, now)).toContain("hand in");
    expect(aboutCard({ ...card, questions: 0, minutes: undefined }, now)).toBe(
      "to read · due Friday, 3:00 pm",
    );
  });
});
