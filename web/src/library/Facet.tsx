import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import { useState } from "react";
import { words } from "./words";

interface Row<T> {
  value: T;
  label: string;
  count?: number;
}

interface Props<T> {
  title: string;
  rows: Row<T>[];
  chosen: readonly T[];
  onToggle: (value: T) => void;
  /** Values that stand before the others. */
  first?: readonly T[];
}

const SHOWN = 6;

/** One way to narrow: its values with counts; long lists open on demand, chosen ones are always in view. */
export function Facet<T extends string | number>({ title, rows, chosen, onToggle, first = [] }: Props<T>) {
  const [open, setOpen] = useState(false);
  if (rows.length === 0) {
    return null;
  }
  const rank = (row: Row<T>) => (chosen.includes(row.value) ? 0 : first.includes(row.value) ? 1 : 2);
  const sorted = [...rows].sort((a, b) => rank(a) - rank(b));
  const shown = open ? sorted : sorted.slice(0, Math.max(SHOWN, chosen.length));
  return (
    <Box component="section" aria-label={title} sx={{ mt: 1.25 }}>
      <Box component="h2" sx={{ fontSize: 14 }}>
        {title}
      </Box>
      {shown.map((row) => (
        <FacetRow
          key={row.value}
          label={row.label}
          count={row.count}
          on={chosen.includes(row.value)}
          onToggle={() => onToggle(row.value)}
        />
      ))}
      {rows.length > SHOWN && (
        <ButtonBase
          onClick={() => setOpen(!open)}
          sx={{ font: "inherit", color: "var(--z-aubergine)", py: 0.25 }}
        >
          {open ? words.fewer : words.more({ count: rows.length - shown.length })}
        </ButtonBase>
      )}
    </Box>
  );
}

interface RowProps {
  label: string;
  count?: number;
  on: boolean;
  onToggle: () => void;
}

export function FacetRow({ label, count, on, onToggle }: RowProps) {
  return (
    <ButtonBase
      aria-pressed={on}
      onClick={onToggle}
      sx={{
        width: "100%",
        justifyContent: "space-between",
        gap: 1,
        textAlign: "left",
        font: "inherit",
        fontWeight: on ? 700 : 400,
        color: on ? "var(--z-aubergine)" : "var(--z-ink)",
        py: 0.35,
        borderRadius: "6px",
        "&:hover": { bgcolor: "var(--z-sunk)" },
      }}
    >
      <span>
        {on && "✓ "}
        {label}
      </span>
      <Box component="span" sx={{ color: "var(--z-soft)", fontWeight: 400 }}>
        {count}
      </Box>
    </ButtonBase>
  );
}
