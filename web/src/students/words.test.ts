import { expect, it } from "vitest";
import { needMark } from "../student/needMark";
import { lastHere, words } from "./words";

const now = "2027-02-09T12:10:00Z";

it("says of a need how much or which", () => {
  expect(needMark({ support: "EXTENDED_TIME", amount: 1.5, detail: "" })).toEqual({
    short: "1.5×",
    full: "extended time",
    much: "1.5×",
  });
  expect(needMark({ support: "EXTRA_DAYS", amount: 2, detail: "" }).short).toBe("+2 days");
  expect(needMark({ support: "READ_ALOUD", detail: "" })).toMatchObject({ short: "read aloud", much: "" });
  expect(needMark({ support: "LANGUAGE_VERSION", detail: "Spanish" }).short).toBe("Spanish");
});

it("says when somebody was last here, on the school's clocks", () => {
  expect(lastHere(undefined, now, "America/Halifax")).toBe("never");
  expect(lastHere("2027-02-09T12:04:00Z", now, "America/Halifax")).toBe("today 08:04");
  // Two in the morning of the 9th by Greenwich is still the evening of the 8th at the school.
  expect(lastHere("2027-02-09T02:00:00Z", now, "America/Halifax")).toBe("yesterday");
  expect(lastHere("2027-02-05T14:00:00Z", now, "America/Halifax")).toBe("Fri");
  expect(lastHere("2027-01-20T14:00:00Z", now, "America/Halifax")).toBe("20 Jan");
});

it("counts what happened", () => {
  expect(words.movedMany({ count: 1, group: "Reef" })).toBe("1 student placed in Reef.");
  expect(words.archivedDone({ count: 3 })).toBe("3 students archived.");
});
