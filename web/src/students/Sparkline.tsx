const WIDTH = 66;
const HEIGHT = 18;

/** A student's values over time, without axes; the numbers stand in the panel. */
export function Sparkline({ values }: { values: number[] }) {
  if (values.length < 2) {
    return null;
  }
  const low = Math.min(...values);
  const span = Math.max(...values) - low || 1;
  const points = values.map((value, i) => {
    const x = 1 + (i / (values.length - 1)) * (WIDTH - 2);
    const y = HEIGHT - 3 - ((value - low) / span) * (HEIGHT - 6);
    return `${x.toFixed(1)},${y.toFixed(1)}`;
  });
  return (
    <svg width={WIDTH} height={HEIGHT} aria-hidden="true">
      <polyline points={points.join(" ")} fill="none" stroke="var(--z-aubergine)" strokeWidth="1.5" />
    </svg>
  );
}
