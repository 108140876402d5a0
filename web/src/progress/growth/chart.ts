import dayjs from "dayjs";
import type { Schemas } from "../../api/client";

type Point = Schemas["GrowthPoint"];
type Student = Schemas["StudentGrowth"];

export const WIDTH = 200;
export const HEIGHT = 84;
const EDGE = 6;

/** The days that all small charts share, and how much of the scale each shows, so that steep is steep in each. */
export interface Span {
  from: number;
  to: number;
  /** In the measure's unit. */
  height: number;
}

/** Where one student's chart begins on the scale. */
export interface Window extends Span {
  lowest: number;
}

export function spanOf(students: Student[]): Span {
  const days = students.flatMap((each) => [
    ...each.points.map((point) => dayNumber(point.date)),
    ...(each.aim ? [dayNumber(each.aim.goalDate)] : []),
  ]);
  const heights = students.map((each) => {
    const values = valuesOf(each);
    return values.length === 0 ? 0 : Math.max(...values) - Math.min(...values);
  });
  return { from: Math.min(...days), to: Math.max(...days), height: Math.max(1e-9, ...heights) };
}

/** The student's own stretch of the scale, as high as everybody's. */
export function windowOf(span: Span, student: Student): Window {
  const values = valuesOf(student);
  const middle = (Math.max(...values) + Math.min(...values)) / 2;
  return { ...span, lowest: middle - span.height / 2 };
}

function valuesOf(student: Student): number[] {
  return [...student.points.map((point) => point.value), ...(student.aim ? [student.aim.goal] : [])];
}

function dayNumber(date: string): number {
  return dayjs(date).diff("2000-01-01", "day");
}

/** Where a day stands, in the chart's own units. */
export function acrossOf(span: Span, date: string): number {
  const share = (dayNumber(date) - span.from) / Math.max(1, span.to - span.from);
  return EDGE + share * (WIDTH - 2 * EDGE);
}

/** Where a value of a day stands; highest on top. */
export function placeOf(window: Window, date: string, value: number): [x: number, y: number] {
  const up = (value - window.lowest) / window.height;
  return [acrossOf(window, date), HEIGHT - EDGE - up * (HEIGHT - 2 * EDGE)];
}

export function lineOf(window: Window, points: Point[]): string {
  return points
    .map((point) => placeOf(window, point.date, point.value))
    .map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`)
    .join(" ");
}

/** The outline of a band of so much above and below the values. */
export function bandOf(window: Window, points: Point[], error: number): string {
  const above = points.map((point) => ({ ...point, value: point.value + error }));
  const below = points.map((point) => ({ ...point, value: point.value - error })).reverse();
  return lineOf(window, [...above, ...below]);
}
