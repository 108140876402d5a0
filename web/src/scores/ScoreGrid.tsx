import Box from "@mui/material/Box";
import { type ClipboardEvent, type KeyboardEvent, useRef } from "react";
import type { Schemas } from "../api/client";
import { scoreText } from "../shell/score";
import { nextPlace, type Place, pasted } from "./grid";
import type { ScoreSheet } from "./useScoreSheet";
import { words } from "./words";

interface Props {
  sheet: Schemas["ScoreSheet"];
  scores: ScoreSheet;
}

/** The grid: a row a student, a column a measure. */
export function ScoreGrid({ sheet, scores }: Props) {
  const grid = useRef<HTMLTableElement>(null);
  const rows = sheet.lines.length;
  const columns = sheet.measures.length;
  const goTo = (place: Place) => {
    const field = grid.current?.querySelector<HTMLInputElement>(
      `[data-row="${place.row}"][data-column="${place.column}"]`,
    );
    field?.focus();
    field?.select();
  };
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>, at: Place) => {
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z") {
      event.preventDefault();
      scores.undo();
      return;
    }
    if (event.key === "Escape") {
      event.currentTarget.value = scores.textAt(at.row, at.column);
      event.currentTarget.select();
      return;
    }
    const next = staysInText(event) ? undefined : nextPlace(event.key, event.shiftKey, at, rows, columns);
    if (next) {
      event.preventDefault();
      goTo(next);
    }
  };
  const onPaste = (event: ClipboardEvent<HTMLInputElement>, at: Place) => {
    const text = event.clipboardData.getData("text/plain");
    if (/[\t\n\r]/.test(text)) {
      event.preventDefault();
      scores.type(pasted(text, at, rows, columns));
    }
  };
  return (
    <Box
      component="table"
      ref={grid}
      sx={{
        borderCollapse: "collapse",
        "& th": {
          bgcolor: "var(--z-sunk)",
          fontSize: 12.5,
          p: 1,
          textAlign: "left",
          position: "sticky",
          top: 0,
          zIndex: 1,
        },
        "& td": { border: "1px solid var(--z-line)", p: 0 },
        "& td:first-of-type": { px: 1.5, whiteSpace: "nowrap", borderLeft: 0 },
      }}
    >
      <thead>
        <tr>
          <th>{words.name}</th>
          {sheet.measures.map((measure) => (
            <th key={measure.id}>
              {measure.name}
              <Box sx={{ fontWeight: 400, color: "var(--z-soft)" }}>
                {words.range({
                  low: scoreText(measure.lowest, measure),
                  high: scoreText(measure.highest, measure),
                })}
              </Box>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {sheet.lines.map((line, row) => (
          <tr key={line.studentId}>
            <td>
              <b>{line.givenName}</b> {line.familyName}
            </td>
            {sheet.measures.map((measure, column) => (
              <Cell
                key={measure.id}
                at={{ row, column }}
                label={words.cell({
                  student: `${line.givenName} ${line.familyName}`.trim(),
                  measure: measure.name,
                })}
                text={scores.textAt(row, column)}
                fault={scores.faultAt(row, column)}
                onKeyDown={onKeyDown}
                onPaste={onPaste}
                onType={(text) => scores.type([{ row, column, text }])}
              />
            ))}
          </tr>
        ))}
      </tbody>
    </Box>
  );
}

/** Left and right move within a text that is being changed; on a text just reached they move on. */
function staysInText(event: KeyboardEvent<HTMLInputElement>): boolean {
  if (event.key !== "ArrowLeft" && event.key !== "ArrowRight") {
    return false;
  }
  const field = event.currentTarget;
  const wholeTextSelected = field.selectionStart === 0 && field.selectionEnd === field.value.length;
  return !wholeTextSelected;
}

interface CellProps {
  at: Place;
  label: string;
  text: string;
  fault: string | undefined;
  onKeyDown: (event: KeyboardEvent<HTMLInputElement>, at: Place) => void;
  onPaste: (event: ClipboardEvent<HTMLInputElement>, at: Place) => void;
  onType: (text: string) => void;
}

function Cell({ at, label, text, fault, onKeyDown, onPaste, onType }: CellProps) {
  return (
    <td>
      <Box
        component="input"
        // A text that came from elsewhere replaces what the field holds.
        key={text}
        data-row={at.row}
        data-column={at.column}
        aria-label={label}
        aria-invalid={fault !== undefined}
        title={fault}
        defaultValue={text}
        onFocus={(event: React.FocusEvent<HTMLInputElement>) => event.target.select()}
        onBlur={(event: React.FocusEvent<HTMLInputElement>) => onType(event.target.value.trim())}
        onKeyDown={(event: KeyboardEvent<HTMLInputElement>) => onKeyDown(event, at)}
        onPaste={(event: ClipboardEvent<HTMLInputElement>) => onPaste(event, at)}
        sx={{
          border: 0,
          width: 150,
          height: 30,
          px: 1,
          font: "inherit",
          color: "inherit",
          textAlign: "right",
          bgcolor: fault ? "var(--z-clayWash)" : "transparent",
          "&:focus": { outline: "2px solid var(--z-aubergine)", outlineOffset: -2 },
        }}
      />
      {fault && (
        <Box
          sx={{
            color: "var(--z-clayText)",
            bgcolor: "var(--z-clayWash)",
            fontSize: 12,
            px: 1,
            maxWidth: 150,
          }}
        >
          {fault}
        </Box>
      )}
    </td>
  );
}
