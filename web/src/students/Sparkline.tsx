const WIDTH = 66;
const HEIGHT = 18;

/** A student's values over time; all students share one span, so that steep is steep. */
export function Sparkline({ values, span }: { values: number[]; span: number }) {
  if (values.length < 2) {
    return null;
  }
  const middle = (Math.min(...values) + Math.max(...values)) / 2;
  const points = values.map((value, i) => {
    const x = 1 + (i / (values.length - 1)) * (WIDTH - 2);
    const y = HEIGHT / 2 - ((value - middle) / span) * (HEIGHT - 4);
    return `${x.toFixed(1)},${y.toFixed(1)}`;
  });
  return (
    <svg width={WIDTH} height={HEIGHT} aria-hidden="true">
      <polyline points={points.join(" ")} fill="none" stroke="var(--z-aubergine)" strokeWidth="1.5" />
    </svg>
  );
}
