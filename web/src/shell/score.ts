import type { Schemas } from "../api/client";

type Measure = Pick<Schemas["MeasureCard"], "levels">;

/** A value as a teacher says it: a level by its name, a number without needless digits. */
export function scoreText(value: number, measure: Measure): string {
  const { levels } = measure;
  if (levels.length === 0) {
    return String(Math.round(value * 100) / 100);
  }
  const below = levels[Math.floor(value)];
  const above = levels[Math.ceil(value)];
  return below === above ? (below ?? String(value)) : `${below}–${above}`;
}
