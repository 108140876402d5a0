import Box from "@mui/material/Box";
import { filled, placesOf, toggled } from "./answers";
import type { FieldProps } from "./field";
import { selectStyle } from "./Matching";
import { words } from "./words";

/** Running text with blanks to fill in, or with words to choose. */
export function Pieces({ sheet, given, onGive }: FieldProps) {
  const blanks = sheet.pieces.filter((piece) => piece.blank !== undefined).length;
  const lines = (given ?? "").split("\n");
  const chosen = placesOf(given);
  return (
    <>
      {sheet.kind === "HOT_WORDS" && <Box sx={{ mb: 1, color: "var(--z-soft)" }}>{words.hot}</Box>}
      <Box sx={{ lineHeight: 2.3, whiteSpace: "pre-line" }}>
        {sheet.pieces.map((piece, i) => {
          const { blank, word } = piece;
          if (blank !== undefined) {
            return (
              <Blank
                key={i}
                number={blank + 1}
                value={lines[blank] ?? ""}
                choices={piece.choices}
                onFill={(text) => onGive(filled(given, blanks, blank, text), !piece.choices)}
              />
            );
          }
          if (word !== undefined) {
            return (
              <HotWord key={i} on={chosen.includes(word)} onToggle={() => onGive(toggled(given, word))}>
                {piece.text}
              </HotWord>
            );
          }
          return <span key={i}>{piece.text}</span>;
        })}
      </Box>
    </>
  );
}

interface BlankProps {
  number: number;
  value: string;
  choices: string[] | undefined;
  onFill: (text: string) => void;
}

function Blank({ number, value, choices, onFill }: BlankProps) {
  if (choices) {
    return (
      <select
        aria-label={words.blank({ number })}
        value={value}
        onChange={(event) => onFill(event.target.value)}
        style={selectStyle}
      >
        <option value="" disabled>
          {words.choose}
        </option>
        {choices.map((choice) => (
          <option key={choice}>{choice}</option>
        ))}
      </select>
    );
  }
  return (
    <input
      aria-label={words.blank({ number })}
      value={value}
      maxLength={200}
      autoComplete="off"
      size={Math.max(10, value.length)}
      onChange={(event) => onFill(event.target.value)}
      style={{ ...selectStyle, padding: "4px 10px" }}
    />
  );
}

function HotWord({ on, onToggle, children }: { on: boolean; onToggle: () => void; children: string }) {
  return (
    <Box
      component="button"
      type="button"
      aria-pressed={on}
      onClick={onToggle}
      sx={{
        font: "inherit",
        color: "var(--z-ink)",
        cursor: "pointer",
        borderRadius: "8px",
        px: 1,
        py: 0.25,
        fontWeight: on ? 700 : 400,
        bgcolor: on ? "var(--z-aubergineWash)" : "var(--z-sunk)",
        border: on ? "2px solid var(--z-aubergine)" : "2px dotted var(--z-soft)",
      }}
    >
      {children}
    </Box>
  );
}
