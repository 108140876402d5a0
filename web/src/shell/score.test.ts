import { expect, it } from "vitest";
import { scoreText } from "./score";

it("says a number without needless digits", () => {
  expect(scoreText(571, { levels: [] })).toBe("571");
  expect(scoreText(412.666666, { levels: [] })).toBe("412.67");
});

it("says a level by its name, and two where a median falls between", () => {
  const levels = ["A", "B", "C"];
  expect(scoreText(1, { levels })).toBe("B");
  expect(scoreText(1.5, { levels })).toBe("B–C");
});
