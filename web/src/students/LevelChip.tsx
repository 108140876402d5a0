import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import Popover from "@mui/material/Popover";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { scoreText } from "../shell/score";
import type { Narrowing } from "./narrowing";
import { words } from "./words";

interface Props {
  measures: Schemas["MeasureCard"][];
  now: Narrowing;
  onChange: (fields: Record<string, string | number | undefined>) => void;
}

/** Narrows to a range of values of one measure. */
export function LevelChip({ measures, now, onChange }: Props) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const measure = measures.find((each) => each.id === now.measureId) ?? measures[0];
  if (!measure) {
    return null;
  }
  const ranged = now.from !== undefined || now.to !== undefined;
  const set = (fields: Record<string, string | number | undefined>) =>
    onChange({ measureId: measure.id, from: now.from, to: now.to, band: undefined, ...fields });
  const shown = (value: number | undefined) => (value === undefined ? "" : scoreText(value, measure));
  return (
    <>
      <Button
        aria-haspopup="dialog"
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={ranged ? { boxShadow: "0 0 0 2px var(--z-ink)" } : { fontWeight: 400 }}
      >
        {ranged ? `${measure.name} ${shown(now.from)}–${shown(now.to)}` : words.level} ▾
      </Button>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => setAnchor(null)}
        anchorOrigin={{ vertical: "bottom", horizontal: "left" }}
        slotProps={{ paper: { role: "dialog", "aria-label": words.level } }}
      >
        <Box sx={{ p: 2, display: "flex", gap: 1, alignItems: "center" }}>
          <TextField
            select
            label={words.level}
            value={measure.id}
            onChange={(event) => set({ measureId: Number(event.target.value) })}
            sx={{ minWidth: 180 }}
          >
            {measures.map((each) => (
              <MenuItem key={each.id} value={each.id}>
                {each.name}
              </MenuItem>
            ))}
          </TextField>
          <Bound label={words.from} measure={measure} value={now.from} onChange={(from) => set({ from })} />
          <Bound label={words.to} measure={measure} value={now.to} onChange={(to) => set({ to })} />
        </Box>
      </Popover>
    </>
  );
}

interface BoundProps {
  label: string;
  measure: Schemas["MeasureCard"];
  value: number | undefined;
  onChange: (value: number | undefined) => void;
}

function Bound({ label, measure, value, onChange }: BoundProps) {
  const given = (text: string) => onChange(text === "" ? undefined : Number(text));
  if (measure.levels.length > 0) {
    return (
      <TextField
        select
        label={label}
        value={value ?? ""}
        onChange={(event) => given(String(event.target.value))}
        sx={{ width: 90 }}
      >
        <MenuItem value="">–</MenuItem>
        {measure.levels.map((level, place) => (
          <MenuItem key={level} value={place}>
            {level}
          </MenuItem>
        ))}
      </TextField>
    );
  }
  return (
    <TextField
      type="number"
      label={label}
      value={value ?? ""}
      onChange={(event) => given(event.target.value)}
      sx={{ width: 100 }}
    />
  );
}
