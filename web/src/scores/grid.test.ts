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
