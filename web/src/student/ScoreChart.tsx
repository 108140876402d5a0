import dayjs from "dayjs";
import type { Schemas } from "../api/client";
import { day } from "../shell/dates";
import { scoreText } from "../shell/score";

const WIDTH = 284;
const HEIGHT = 64;
const EDGE = 8;

/** Values over time with the band cuts drawn thin; days stand apart as they were. */
export function ScoreChart({ history }: { history: Schemas["MeasureHistory"] }) {
  const points = history.points.flatMap((each) =>
    each.value === undefined ? [] : [{ day: each.takenOn, value: each.value }],
  );
  if (points.length < 2) {
    return null;
  }
  const cuts = history.cuts.map((cut) => cut.score);
  const values = points.map((each) => each.value);
  const near = cuts.filter((cut) => cut > Math.min(...values) * 0.8 && cut < Math.max(...values) * 1.2);
  const low = Math.min(...values, ...near);
  const high = Math.max(...values, ...near);
  const first = dayjs(points[0]?.day);
  const days = Math.max(1, dayjs(points[points.length - 1]?.day).diff(first, "day"));
  const x = (on: string) => EDGE + (dayjs(on).diff(first, "day") / days) * (WIDTH - 2 * EDGE);
  const y = (value: number) =>
    HEIGHT - EDGE - ((value - low) / Math.max(1e-9, high - low)) * (HEIGHT - 2 * EDGE);
  const said = points.map((each) => `${day(each.day)}: ${scoreText(each.value, history.measure)}`).join(", ");
  return (
    <svg width={WIDTH} height={HEIGHT} role="img" aria-label={said}>
      {near.map((cut) => (
        <line
          key={cut}
          x1={0}
          x2={WIDTH}
          y1={y(cut)}
          y2={y(cut)}
          stroke="var(--z-line)"
          strokeDasharray="2 3"
        />
      ))}
      <polyline
        points={points.map((each) => `${x(each.day)},${y(each.value)}`).join(" ")}
        fill="none"
        stroke="var(--z-aubergine)"
        strokeWidth="2"
      />
      {points.map((each) => (
        <circle key={each.day} cx={x(each.day)} cy={y(each.value)} r="3.5" fill="var(--z-aubergine)" />
      ))}
    </svg>
  );
}
