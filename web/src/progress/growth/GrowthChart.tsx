import type { Schemas } from "../../api/client";
import { acrossOf, bandOf, HEIGHT, lineOf, placeOf, type Span, WIDTH, windowOf } from "./chart";
import { words } from "./words";

interface Props {
  student: Schemas["StudentGrowth"];
  span: Span;
  /** The measure's standard error, 0 where it is not known. */
  error: number;
  periods: Schemas["Period"][];
}

/** One student's values over time, with the error of measurement as a band, the aim and the trend. */
export function GrowthChart({ student, span, error, periods }: Props) {
  const { points, aim, trend } = student;
  const window = windowOf(span, student);
  const aimLine =
    aim?.from !== undefined && aim.baseline !== undefined
      ? lineOf(window, [
          { date: aim.from, value: aim.baseline },
          { date: aim.goalDate, value: aim.goal },
        ])
      : undefined;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      role="img"
      aria-label={words.chart(student)}
      style={{ display: "block" }}
    >
      {periods.map((each) => {
        const x = acrossOf(span, each.beginsOn);
        return x >= 0 && x <= WIDTH ? (
          <line key={each.arrangementId} x1={x} x2={x} y1="0" y2={HEIGHT} stroke="var(--z-line)">
            <title>{each.name}</title>
          </line>
        ) : null;
      })}
      {error > 0 && points.length > 1 && (
        <polygon points={bandOf(window, points, error)} fill="var(--z-aubergineWash)" />
      )}
      {trend.length === 2 && <polyline points={lineOf(window, trend)} fill="none" stroke="var(--z-soft)" />}
      {aimLine && (
        <polyline
          points={aimLine}
          fill="none"
          stroke="var(--z-saffron)"
          strokeWidth="1.5"
          strokeDasharray="4 3"
        />
      )}
      <polyline points={lineOf(window, points)} fill="none" stroke="var(--z-aubergine)" strokeWidth="1.5" />
      {points.map((point) => {
        const [x, y] = placeOf(window, point.date, point.value);
        return <circle key={point.date} cx={x} cy={y} r="2.6" fill="var(--z-aubergine)" />;
      })}
    </svg>
  );
}
