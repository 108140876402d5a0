import type { Schemas } from "../api/client";

type Skill = Schemas["SkillInGroup"];

export const TILE = { width: 150, height: 58, gapX: 26, gapY: 10 };

export interface Placed {
  skill: Skill;
  x: number;
  y: number;
}

export interface StrandLayout {
  placed: Placed[];
  /** From the right edge of what comes before to the left edge of what needs it. */
  lines: { from: Placed; to: Placed }[];
  width: number;
  height: number;
}

/** Tiles of a strand in columns: a skill stands one column right of the last of what comes before it in the strand. */
export function layOut(skills: Skill[]): StrandLayout {
  const byId = new Map(skills.map((skill) => [skill.id, skill]));
  const columns = new Map<number, number>();
  const columnOf = (skill: Skill): number => {
    const known = columns.get(skill.id);
    if (known !== undefined) {
      return known;
    }
    const before = skill.prerequisites.flatMap((id) => byId.get(id) ?? []);
    const column = before.reduce((most, each) => Math.max(most, columnOf(each) + 1), 0);
    columns.set(skill.id, column);
    return column;
  };
  const rows: number[] = [];
  const placed = skills.map((skill) => {
    const column = columnOf(skill);
    const row = rows[column] ?? 0;
    rows[column] = row + 1;
    return { skill, x: column * (TILE.width + TILE.gapX), y: row * (TILE.height + TILE.gapY) };
  });
  const at = new Map(placed.map((each) => [each.skill.id, each]));
  const lines = placed.flatMap((to) =>
    to.skill.prerequisites.flatMap((id) => {
      const from = at.get(id);
      return from ? [{ from, to }] : [];
    }),
  );
  return {
    placed,
    lines,
    width: rows.length * (TILE.width + TILE.gapX) - TILE.gapX,
    height: Math.max(1, ...rows.map((row) => row ?? 0)) * (TILE.height + TILE.gapY) - TILE.gapY,
  };
}
