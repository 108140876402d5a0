import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { Card } from "../shell/Card";
import { useMayChange } from "../shell/role";
import { words } from "./words";

const WIDTH = 194;
const HEIGHT = 84;
const MOST = 8;

interface Props {
  bench: Schemas["BenchView"];
  onChoose: (groups: number) => void;
}

/** The fit for each number of groups, as a small curve to click. */
export function FitCurve({ bench, onChoose }: Props) {
  const fits = new Map(bench.fit.map((point) => [point.groups, point.fit]));
  const x = (groups: number) => 10 + ((groups - 1) / (MOST - 1)) * (WIDTH - 20);
  const y = (fit: number) => HEIGHT - 8 - fit * (HEIGHT - 16);
  const now = bench.groups.length;
  const mayChange = useMayChange();
  const path = bench.fit.map((point) => `${x(point.groups)},${y(point.fit)}`).join(" ");
  return (
    <Card
      component="section"
      aria-label={words.fitTitle}
      sx={{ width: 228, flex: "none", px: 2, py: 1.25 }}
      className="no-print"
    >
      <Box component="h2" sx={{ fontSize: 14 }}>
        {words.fitTitle}
      </Box>
      {mayChange && <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{words.fitHelp}</Box>}
      <Box sx={{ position: "relative", width: WIDTH, height: HEIGHT + 24 }}>
        <svg width={WIDTH} height={HEIGHT} aria-hidden="true">
          <polyline points={path} fill="none" stroke="var(--z-soft)" />
          {bench.fit.map((point) => (
            <circle
              key={point.groups}
              cx={x(point.groups)}
              cy={y(point.fit)}
              r={point.groups === now ? 6 : 3.5}
              fill={point.groups === now ? "var(--z-action)" : "var(--z-aubergine)"}
            />
          ))}
        </svg>
        {Array.from({ length: MOST }, (_, i) => i + 1).map((groups) => (
          <Box
            component="button"
            type="button"
            key={groups}
            disabled={!mayChange || !fits.has(groups)}
            aria-label={words.fitPoint(groups, fits.get(groups))}
            onClick={() => onChoose(groups)}
            sx={{
              position: "absolute",
              left: x(groups) - 12,
              width: 24,
              top: 0,
              height: HEIGHT + 24,
              border: 0,
              bgcolor: "transparent",
              font: "inherit",
              fontSize: 12.5,
              pt: `${HEIGHT}px`,
              color: "var(--z-ink)",
              cursor: "pointer",
              "&:disabled": { color: "var(--z-soft)", opacity: 0.45, cursor: "default" },
              "&:hover:enabled": {
                bgcolor: "color-mix(in srgb, var(--z-sunk) 60%, transparent)",
                borderRadius: "8px",
              },
            }}
          >
            {groups}
          </Box>
        ))}
      </Box>
      <Box sx={{ fontSize: 12.5 }}>{fitSentence(bench, fits)}</Box>
    </Card>
  );
}

function fitSentence(bench: Schemas["BenchView"], fits: Map<number, number>): string {
  const now = fits.get(bench.groups.length);
  const next = fits.get(bench.groups.length + 1);
  const suggested =
    bench.suggestedGroups !== undefined && bench.suggestedGroups !== bench.groups.length
      ? words.fitSuggested({ groups: bench.suggestedGroups })
      : "";
  if (now === undefined) {
    return suggested;
  }
  const more = next === undefined ? "" : words.fitMore(Math.max(0, next - now));
  return [words.fitNow(bench.groups.length, now), suggested || more].join(" ");
}
