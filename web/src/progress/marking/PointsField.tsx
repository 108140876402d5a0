import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import { type KeyboardEvent, useEffect, useState } from "react";
import { typedNumber } from "../../languages/numbers";
import { words as common } from "../words";
import { words } from "./words";

interface Props {
  label: string;
  value: number | undefined;
  most: number;
  about: string;
  disabled: boolean;
  onKeep: (points: number) => void;
}

/** Points as they are typed, halves too; kept when the field is left, Enter goes to the next one. */
export function PointsField({ label, value, most, about, disabled, onKeep }: Props) {
  const [typed, setTyped] = useState(value === undefined ? "" : common.points(value));
  useEffect(() => setTyped(value === undefined ? "" : common.points(value)), [value]);
  const number = typedNumber(typed);
  const usable = Number.isFinite(number) && number >= 0 && number <= 1000;
  const keep = () => {
    if (usable && number !== value) {
      onKeep(number);
    }
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === "Enter") {
      event.preventDefault();
      const here = event.target as HTMLInputElement;
      // What is folded away cannot be gone to.
      const all = [...document.querySelectorAll<HTMLInputElement>("input[data-points]")].filter((each) =>
        each.checkVisibility(),
      );
      all[all.indexOf(here) + 1]?.focus();
      if (document.activeElement === here) {
        // Leaving the field keeps what is in it, also where there is no next one.
        here.blur();
      }
    }
  };
  return (
    <Box sx={{ width: 150 }}>
      <Box sx={{ display: "flex", alignItems: "center", gap: 0.75 }}>
        <TextField
          size="small"
          value={typed}
          disabled={disabled}
          error={typed.trim() !== "" && !usable}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={keep}
          onKeyDown={onKeyDown}
          onFocus={(event) => event.target.select()}
          slotProps={{
            htmlInput: { "aria-label": label, "data-points": true, inputMode: "decimal", maxLength: 8 },
          }}
          sx={{ width: 70 }}
        />
        {words.of({ points: most })}
      </Box>
      <Box sx={{ fontSize: 11.5, color: "var(--z-soft)" }}>{about}</Box>
    </Box>
  );
}
