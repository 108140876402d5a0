import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Slider from "@mui/material/Slider";
import { useEffect, useState } from "react";
import type { Schemas } from "../api/client";
import type { Narrowing } from "./narrowing";
import { words } from "./words";

interface Props {
  level: Schemas["LevelShown"];
  narrowing: Narrowing;
  onNarrow: (next: Narrowing) => void;
}

/** Where the group stands, and the levels to look at; one click takes what suits the group. */
export function LevelSlider({ level, narrowing, onNarrow }: Props) {
  const { lowest, highest, values, suggestedLow, suggestedHigh } = level;
  const suits = narrowing.suggestedLevels === true && suggestedLow !== undefined;
  const low = suits ? suggestedLow : (narrowing.low ?? lowest);
  const high = suits && suggestedHigh !== undefined ? suggestedHigh : (narrowing.high ?? highest);
  const [dragged, setDragged] = useState<[number, number]>([low, high]);
  useEffect(() => setDragged([low, high]), [low, high]);
  const all = !suits && narrowing.low === undefined && narrowing.high === undefined;
  const text = (value: number) => words.level(value, value, level.levels);
  return (
    <Box sx={{ mb: 0.5 }}>
      <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
        {level.median === undefined
          ? words.noLevels
          : words.levelAbout(level.median, values[0] ?? 0, values[values.length - 1] ?? 0, level.levels)}
      </Box>
      <Box sx={{ px: 1.25 }}>
        <Dots level={level} />
        <Slider
          size="small"
          value={dragged}
          min={lowest}
          max={highest}
          step={level.step}
          disableSwap
          getAriaLabel={() => words.levelOf({ measure: level.measure })}
          getAriaValueText={text}
          onChange={(_, value) => setDragged(value as [number, number])}
          onChangeCommitted={(_, value) => {
            const [from, to] = value as [number, number];
            onNarrow({ ...narrowing, suggestedLevels: undefined, low: from, high: to });
          }}
          sx={{
            py: 0.75,
            color: "var(--z-saffron)",
            "& .MuiSlider-rail": { bgcolor: "var(--z-line)", opacity: 1 },
            "& .MuiSlider-thumb": { bgcolor: "var(--z-card)", border: "2px solid var(--z-saffron)" },
          }}
        />
      </Box>
      <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap", alignItems: "center" }}>
        <Box sx={{ fontSize: 12.5, flex: 1 }}>
          {words.levels({ low: text(dragged[0]), high: text(dragged[1]) })}
        </Box>
        {suggestedLow !== undefined && !suits && (
          <Button
            size="small"
            variant="text"
            onClick={() => onNarrow({ ...narrowing, low: undefined, high: undefined, suggestedLevels: true })}
          >
            {words.suits}
          </Button>
        )}
        {!all && (
          <Button
            size="small"
            variant="text"
            onClick={() =>
              onNarrow({ ...narrowing, low: undefined, high: undefined, suggestedLevels: undefined })
            }
          >
            {words.allLevels}
          </Button>
        )}
      </Box>
    </Box>
  );
}

/** Every student of the group at their value. */
function Dots({ level }: { level: Schemas["LevelShown"] }) {
  const range = level.highest - level.lowest || 1;
  return (
    <Box aria-hidden="true" sx={{ position: "relative", height: 10, mt: 0.75 }}>
      {level.values.map((value, i) => (
        <Box
          key={i}
          sx={{
            position: "absolute",
            left: `calc(${((value - level.lowest) / range) * 100}% - 3px)`,
            bottom: 0,
            width: 6,
            height: 6,
            borderRadius: "50%",
            bgcolor: "var(--z-saffron)",
            opacity: 0.75,
          }}
        />
      ))}
    </Box>
  );
}
