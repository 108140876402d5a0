import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { layOut, TILE } from "./mapLayout";

const skill = (id: number, ...prerequisites: number[]): Schemas["SkillInGroup"] => ({
  id,
  name: `skill ${id}`,
  depth: 0,
  prerequisites,
  holders: 0,
  footed: 0,
  need: 1,
  footing: 1,
  standings: [],
});

const step = TILE.width + TILE.gapX;

describe("the map of a strand", () => {
  it("puts a skill right of everything that comes before it", () => {
    const { placed } = layOut([skill(1), skill(2, 1), skill(3, 1, 2)]);
    expect(placed.map(({ x }) => x)).toEqual([0, step, 2 * step]);
  });

  it("puts skills of one column below each other and draws a line for each prerequisite of the strand", () => {
    const { placed, lines, height } = layOut([skill(1), skill(2, 1), skill(3, 1, 99)]);
    expect(placed[2]?.y).toBe(TILE.height + TILE.gapY);
    expect(lines).toHaveLength(2);
    expect(height).toBe(2 * TILE.height + TILE.gapY);
  });

  it("has room for one tile where a strand is empty", () => {
    expect(layOut([]).height).toBe(TILE.height);
  });
});
