import { describe, expect, it } from "vitest";
import { words } from "./words";

const student = (where: "WORKING" | "HANDED_IN" | "STANDS_STILL") => ({
  studentId: 1,
  givenName: "Umi",
  familyName: "Ilves",
  where,
  answered: 2,
  questions: 6,
  addedMinutes: 0,
});

describe("a class at work", () => {
  it("is counted by where they are, without those of whom there are none", () => {
    const all = [student("HANDED_IN"), student("WORKING"), student("HANDED_IN"), student("STANDS_STILL")];
    expect(words.counts(all)).toBe("1 working · 1 no answer for a while · 2 handed in");
  });

  it("has a minute left until the last second", () => {
    expect(words.left(61)).toBe("2 min left");
    expect(words.left(60)).toBe("1 min left");
    expect(words.left(1)).toBe("1 min left");
  });

  it("was quiet since the last whole minute", () => {
    expect(words.quiet(59)).toBe("answered just now");
    expect(words.quiet(60)).toBe("last answer 1 minute ago");
    expect(words.quiet(359)).toBe("last answer 5 minutes ago");
  });
});
