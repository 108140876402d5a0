import type { Schemas } from "../api/client";
import { decimal } from "../languages/numbers";
import { words } from "./words";

type Measure = Pick<Schemas["MeasureCard"], "levels" | "decimals">;

/** A value as a teacher says it: a level by its name, a number without needless digits. */
export function scoreText(value: number, measure: Measure): string {
  const { levels } = measure;
  if (levels.length === 0) {
    return decimal(value, Math.max(2, measure.decimals));
  }
  const below = levels[Math.floor(value)];
  const above = levels[Math.ceil(value)];
  return below === above ? (below ?? String(value)) : `${below}–${above}`;
}

/** From the lowest to the highest value; a dash between numbers below zero would read as a minus. */
export function rangeText(lowest: number, highest: number, measure: Measure): string {
  const low = scoreText(lowest, measure);
  const high = scoreText(highest, measure);
  return lowest < 0 ? words.fromTo({ low, high }) : `${low}–${high}`;
}
