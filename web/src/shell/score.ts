import type { Schemas } from "../api/client";

type Measure = Pick<Schemas["MeasureCard"], "levels" | "decimals">;

/** A value as a teacher says it: a level by its name, a number without needless digits. */
export function scoreText(value: number, measure: Measure): string {
  const { levels } = measure;
  if (levels.length === 0) {
    return String(Number(value.toFixed(Math.max(2, measure.decimals))));
  }
  const below = levels[Math.floor(value)];
  const above = levels[Math.ceil(value)];
  return below === above ? (below ?? String(value)) : `${below}–${above}`;
}

/** From the lowest to the highest value; a dash between numbers below zero would read as a minus. */
export function rangeText(lowest: number, highest: number, measure: Measure): string {
  const between = lowest < 0 ? " to " : "–";
  return `${scoreText(lowest, measure)}${between}${scoreText(highest, measure)}`;
}
