import { describe, expect, it } from "vitest";
import { placeLabels, scaleFor, stack, ticks, valueAt, xOf } from "./geometry";

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

describe("names beside the dots of a scatter", () => {
  const dots = Array.from({ length: 40 }, (_, i) => ({
    id: i,
    x: 30 + ((i * 53) % 400),
    y: 20 + ((i * 31) % 220),
    width: 40,
  }));
  const placed = placeLabels(dots, 480);
  const areas = dots.flatMap((dot) => {
    const label = placed.get(dot.id)?.label;
    return label ? [{ left: dot.x + label.dx, top: dot.y + label.dy, right: dot.x + label.dx + 40 }] : [];
  });

  it("keeps every dot, and names most of them", () => {
    expect(placed.size).toBe(40);
    expect(areas.length).toBeGreaterThan(25);
  });

  it("lets no name cover another or leave the picture", () => {
    for (const [i, one] of areas.entries()) {
      expect(one.left).toBeGreaterThanOrEqual(0);
      expect(one.right).toBeLessThanOrEqual(480);
      for (const other of areas.slice(i + 1)) {
        const apart =
          one.right <= other.left || other.right <= one.left || Math.abs(one.top - other.top) >= 14;
        expect(apart).toBe(true);
      }
    }
  });

  it("leaves a name out where there is no room", () => {
    const same = Array.from({ length: 9 }, (_, i) => ({ id: i, x: 100, y: 100, width: 60 }));
    const named = [...placeLabels(same, 200).values()].filter((each) => each.label);
    expect(named.length).toBeLessThan(9);
  });
});
