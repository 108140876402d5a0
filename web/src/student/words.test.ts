import { expect, it } from "vitest";
import { skillStatus, words } from "./words";

it("says when somebody was last here, also that they never were", () => {
  expect(words.lastHere("never")).toBe("never signed in");
  expect(words.lastHere("today 08:04")).toBe("signed in today 08:04");
});

it("says what a change of needs does to open work", () => {
  expect(words.granted({ what: "extended time" })).toBe(
    "extended time added. Work not yet started follows at once.",
  );
  expect(words.ended({ what: "extended time" })).toBe(
    "extended time has ended. Work not yet started follows at once.",
  );
});

it("counts the adults who may see needs", () => {
  expect(words.seenBy({ count: 1 })).toBe("seen by 1 adult");
  expect(words.seenBy({ count: 3 })).toBe("seen by 3 adults");
});

it("has words of its own for every status of a skill", () => {
  const said = Object.values(skillStatus);
  expect(new Set(said).size).toBe(said.length);
});
