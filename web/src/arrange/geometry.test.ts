import { describe, expect, it } from "vitest";
import { scaleFor, stack, ticks, valueAt, xOf } from "./geometry";

describe("stack", () => {
  it("lets no two tokens of a row touch", () => {
    const tokens = Array.from({ length: 120 }, (_, id) => ({
      id,
      centre: (id * 37) % 400,
      width: 30 + (id % 7) * 5,
    }));
    const stacked = stack(tokens, 2);
    expect(stacked).toHaveLength(120);
    for (const a of stacked) {
      for (const b of stacked) {
        const apart = Math.abs(a.centre - b.centre) >= (a.width + b.width) / 2 + 2;
        expect(a.id === b.id || a.row !== b.row || apart).toBe(true);
      }
    }
  });

  it("puts equal scores above each other in the order given", () => {
    const stacked = stack(
      [
        { id: 1, centre: 50, width: 40 },
        { id: 2, centre: 50, width: 40 },
      ],
      2,
    );
    expect(stacked.map((token) => [token.id, token.row])).toEqual([
      [1, 0],
      [2, 1],
    ]);
  });
});

describe("the scale", () => {
  it("gives back the value that stands at a place, mirrored or not", () => {
    const scale = scaleFor([396, 884]);
    for (const mirrored of [false, true]) {
      expect(valueAt(xOf(590, scale, 900, mirrored), scale, 900, mirrored)).toBeCloseTo(590, 9);
    }
    expect(xOf(884, scale, 900, false)).toBeGreaterThan(xOf(396, scale, 900, false));
    expect(xOf(884, scale, 900, true)).toBeLessThan(xOf(396, scale, 900, true));
  });

  it("has room even where all values are one", () => {
    const scale = scaleFor([7, 7, 7]);
    expect(scale.to).toBeGreaterThan(scale.from);
  });

  it("is written in round numbers inside it", () => {
    expect(ticks({ from: 362, to: 918 })).toEqual([400, 500, 600, 700, 800, 900]);
    expect(ticks({ from: 0.2, to: 1.1 })).toEqual([0.2, 0.4, 0.6, 0.8, 1]);
  });
});
