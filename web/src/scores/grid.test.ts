import { expect, it } from "vitest";
import { nextPlace, pasted } from "./grid";

const at = { row: 1, column: 1 };

it("moves with arrows and Enter and stays within the grid", () => {
  expect(nextPlace("Enter", false, at, 3, 3)).toEqual({ row: 2, column: 1 });
  expect(nextPlace("Enter", true, at, 3, 3)).toEqual({ row: 0, column: 1 });
  expect(nextPlace("ArrowRight", false, at, 3, 2)).toEqual({ row: 1, column: 1 });
  expect(nextPlace("ArrowUp", false, { row: 0, column: 0 }, 3, 3)).toEqual({ row: 0, column: 0 });
  expect(nextPlace("5", false, at, 3, 3)).toBeUndefined();
});

it("fills a column, and a block, from where it is pasted", () => {
  expect(pasted("12\n13\n14\n", at, 3, 2)).toEqual([
    { row: 1, column: 1, text: "12" },
    { row: 2, column: 1, text: "13" },
  ]);
  expect(pasted("1\t2\r\n3\t4", { row: 0, column: 0 }, 2, 2)).toHaveLength(4);
});

it("keeps blank lines of a column in their rows", () => {
  expect(pasted("12\n\n14", { row: 0, column: 0 }, 3, 1).map((cell) => cell.text)).toEqual(["12", "", "14"]);
});

it("comes back to where it was by the opposite key, wherever there is room", () => {
  const back: Record<string, string> = {
    ArrowUp: "ArrowDown",
    ArrowDown: "ArrowUp",
    ArrowLeft: "ArrowRight",
    ArrowRight: "ArrowLeft",
  };
  for (const [key, opposite] of Object.entries(back)) {
    const away = nextPlace(key, false, at, 3, 3);
    expect(away).not.toEqual(at);
    expect(away && nextPlace(opposite, false, away, 3, 3)).toEqual(at);
  }
});

it("never leads out of the grid, from any place by any key", () => {
  const keys = ["ArrowUp", "ArrowDown", "ArrowLeft", "ArrowRight", "Enter"];
  for (let row = 0; row < 4; row++) {
    for (let column = 0; column < 2; column++) {
      for (const key of keys) {
        for (const shift of [false, true]) {
          const next = nextPlace(key, shift, { row, column }, 4, 2);
          expect(next?.row).toBeGreaterThanOrEqual(0);
          expect(next?.row).toBeLessThan(4);
          expect(next?.column).toBeGreaterThanOrEqual(0);
          expect(next?.column).toBeLessThan(2);
        }
      }
    }
  }
});

it("leaves out what a paste reaches past the last row and column", () => {
  const cells = pasted("1\t2\t3\n4\t5\t6\n7\t8\t9", at, 3, 2);
  expect(cells).toEqual([
    { row: 1, column: 1, text: "1" },
    { row: 2, column: 1, text: "4" },
  ]);
});

it("reads lines of any system alike and strips what stands around a value", () => {
  const whole = pasted(" 12 \n13\n", at, 9, 9);
  expect(pasted(" 12 \r\n13\r\n", at, 9, 9)).toEqual(whole);
  expect(pasted(" 12 \r13\r", at, 9, 9)).toEqual(whole);
  expect(whole.map((cell) => cell.text)).toEqual(["12", "13"]);
});
