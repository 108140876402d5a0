import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import type { Schemas } from "../api/client";
import { words } from "./words";

const HATCH = "repeating-linear-gradient(135deg, var(--z-sunk) 0 4px, transparent 4px 8px)";

interface Props {
  cell: Schemas["Cell"];
  /** Opens the try that shows. */
  onOpen: (tryId: number) => void;
}

/** The state of one student's work on one task, by shape and number. */
export function GridCell({ cell, onOpen }: Props) {
  const theirs = cell.state !== "NOT_THEIRS";
  const shown = (
    <>
      <Shape cell={cell} />
      {cell.waiting > 0 && (
        <Box component="span" sx={{ color: "var(--z-saffron)", fontWeight: 700, ml: 0.5 }}>
          +{cell.waiting}
        </Box>
      )}
      <span className="visually-hidden">{help(cell)}</span>
    </>
  );
  return (
    <Box component="td" title={help(cell)} sx={theirs ? undefined : { background: HATCH }}>
      {cell.tryId === undefined ? (
        shown
      ) : (
        <ButtonBase
          onClick={() => cell.tryId !== undefined && onOpen(cell.tryId)}
          sx={{
            font: "inherit",
            px: 1,
            minHeight: 24,
            borderRadius: 1,
            "&:hover": { bgcolor: "var(--z-sunk)" },
          }}
        >
          {shown}
        </ButtonBase>
      )}
    </Box>
  );
}

function help(cell: Schemas["Cell"]): string {
  if (cell.waiting > 0) {
    return words.waiting(cell.waiting);
  }
  if (cell.state === "NOW") {
    return `${words.help.NOW}, ${words.answered(cell)}`;
  }
  return cell.late ? words.handedInLate : words.help[cell.state];
}

function Shape({ cell }: { cell: Schemas["Cell"] }) {
  switch (cell.state) {
    case "NOT_THEIRS":
      return null;
    case "CONFLICT":
      return (
        <Box component="span" sx={{ color: "var(--z-clayText)", fontWeight: 700 }}>
          2×
        </Box>
      );
    case "NOT_OPEN":
      return (
        <Box component="span" sx={{ color: "var(--z-soft)" }}>
          ·
        </Box>
      );
    case "NOT_STARTED":
      return (
        <Box component="span" sx={{ color: "var(--z-soft)" }}>
          –
        </Box>
      );
    case "LATE":
      return (
        <Box component="span" sx={{ color: "var(--z-clayText)" }}>
          {words.late}
        </Box>
      );
    case "NOW":
      return (
        <Box
          component="span"
          sx={{ color: "var(--z-sea)", display: "inline-flex", gap: 0.5, alignItems: "center" }}
        >
          <Pie share={cell.questions === 0 ? 0 : cell.answered / cell.questions} /> {words.now}
        </Box>
      );
    case "HANDED_IN":
      return (
        <span>
          <b>{cell.earned}</b>
          <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12 }}>
            {" "}
            / {cell.possible}
            {cell.late && ` ${words.late}`}
          </Box>
        </span>
      );
  }
}

/** How much is answered, as a slice of a disc. */
function Pie({ share }: { share: number }) {
  const angle = Math.min(share, 0.999) * 2 * Math.PI;
  const [x, y] = [7 + 6 * Math.sin(angle), 7 - 6 * Math.cos(angle)];
  return (
    <svg width="14" height="14" aria-hidden="true">
      <circle cx="7" cy="7" r="6" fill="none" stroke="var(--z-sea)" />
      <path d={`M7 7V1A6 6 0 ${share > 0.5 ? 1 : 0} 1 ${x} ${y}Z`} fill="var(--z-sea)" />
    </svg>
  );
}
