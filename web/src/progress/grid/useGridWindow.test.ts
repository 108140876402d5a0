import { describe, expect, it } from "vitest";
import { ROW_HEIGHT, type Stretch, within } from "./useGridWindow";

const stretch = (from: number, to: number): Stretch => ({ from, to, before: 0, after: 0 });

describe("the rows of a group that are drawn", () => {
  it("are all of them where the group lies in sight", () => {
    expect(within(stretch(0, 50), 10, 5)).toEqual({ from: 0, to: 5, before: 0, after: 0 });
  });

  it("are none where it lies above or below, and it keeps its room", () => {
    expect(within(stretch(20, 50), 0, 5)).toMatchObject({ from: 5, to: 5, before: 5 * ROW_HEIGHT, after: 0 });
    expect(within(stretch(0, 10), 30, 5)).toMatchObject({ from: 0, to: 0, before: 0, after: 5 * ROW_HEIGHT });
  });

  it("are those in sight where it is cut, above and below", () => {
    expect(within(stretch(12, 14), 10, 6)).toEqual({
      from: 2,
      to: 4,
      before: 2 * ROW_HEIGHT,
      after: 2 * ROW_HEIGHT,
    });
  });

  it("never lose a row: what is drawn and the room make up the group", () => {
    for (let from = 0; from < 30; from += 3) {
      for (let to = from; to < 30; to += 4) {
        const part = within(stretch(from, to), 8, 11);
        expect(part.before + (part.to - part.from) * ROW_HEIGHT + part.after).toBe(11 * ROW_HEIGHT);
      }
    }
  });
});
