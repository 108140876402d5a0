import dayjs from "dayjs";
import type { Schemas } from "../../api/client";

type Point = Schemas["GrowthPoint"];

export const WIDTH = 200;
export const HEIGHT = 84;
const EDGE = 6;

/** The span of days and values that all small charts share, so that steep is steep in each. */
export interface Span {
  from: number;
  to: number;
  lowest: number;
  highest: number;
}

export function spanOf(students: Schemas["StudentGrowth"][]): Span {
  const days = students.flatMap((each) => [
    ...each.points.map((point) => dayNumber(point.date)),
    ...(each.aim ? [dayNumber(each.aim.goalDate)] : []),
  ]);
  const values = students.flatMap((each) => [
    ...each.points.map((point) => point.value),
    ...(each.aim ? [each.aim.goal] : []),
  ]);
  return {
    from: Math.min(...days),
    to: Math.max(...days),
    lowest: Math.min(...values),
    highest: Math.max(...values),
  };
}

function dayNumber(date: string): number {
  return dayjs(date).diff("2000-01-01", "day");
}

/** Where a value of a day stands, in the chart's own units; highest on top. */
export function placeOf(span: Span, date: string, value: number): [x: number, y: number] {
  const across = (dayNumber(date) - span.from) / Math.max(1, span.to - span.from);
  const up = (value - span.lowest) / Math.max(1e-9, span.highest - span.lowest);
  return [EDGE + across * (WIDTH - 2 * EDGE), HEIGHT - EDGE - up * (HEIGHT - 2 * EDGE)];
}

export function lineOf(span: Span, points: Point[]): string {
  return points
    .map((point) => placeOf(span, point.date, point.value))
    .map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`)
    .join(" ");
}

/** The outline of a band of so much above and below the values. */
export function bandOf(span: Span, points: Point[], error: number): string {
  const above = points.map((point) => ({ ...point, value: point.value + error }));
  const below = points.map((point) => ({ ...point, value: point.value - error })).reverse();
  return lineOf(span, [...above, ...below]);
}
