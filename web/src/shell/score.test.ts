import { expect, it } from "vitest";
import { rangeText, scoreText } from "./score";

it("says a number without needless digits", () => {
  expect(scoreText(571, { levels: [], decimals: 0 })).toBe("571");
  expect(scoreText(412.666666, { levels: [], decimals: 0 })).toBe("412.67");
});

it("says a level by its name, and two where a median falls between", () => {
  const levels = ["A", "B", "C"];
  expect(scoreText(1, { levels, decimals: 0 })).toBe("B");
  expect(scoreText(1.5, { levels, decimals: 0 })).toBe("B–C");
});

it("says no zeros that a measure could hold and nobody wrote", () => {
  expect(scoreText(871, { levels: [], decimals: 2 })).toBe("871");
  expect(scoreText(0.2, { levels: [], decimals: 2 })).toBe("0.2");
  expect(scoreText(0.1234, { levels: [], decimals: 4 })).toBe("0.1234");
});

it("puts no dash before a minus", () => {
  expect(rangeText(396, 431, { levels: [], decimals: 0 })).toBe("396–431");
  expect(rangeText(-1.5, -0.25, { levels: [], decimals: 2 })).toBe("-1.5 to -0.25");
});
