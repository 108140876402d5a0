import Box from "@mui/material/Box";
import { useEffect, useRef } from "react";
import { words } from "./words";

export interface Step {
  questionId: number;
  answered: boolean;
  flagged: boolean;
}

interface Props {
  steps: Step[];
  place: number;
  onPlace: (place: number) => void;
}

/** The way through the questions: where one is, what has an answer, what is to be looked at again. */
export function Steps({ steps, place, onPlace }: Props) {
  const here = useRef<HTMLElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another place is another element
  useEffect(() => {
    const row = here.current?.parentElement;
    if (here.current && row) {
      // Only the row moves, not the page it stands in.
      row.scrollLeft = here.current.offsetLeft - row.offsetLeft - row.clientWidth / 2;
    }
  }, [place]);
  return (
    <Box
      component="nav"
      aria-label={words.questions}
      sx={{
        display: "flex",
        flexWrap: { md: "wrap" },
        gap: 0.75,
        flex: 1,
        minWidth: 0,
        overflowX: "auto",
        // Room for the mark above a number and the ring around it, which scrolling would cut.
        p: "9px 5px 5px",
      }}
    >
      {steps.map(({ questionId, answered, flagged }, i) => (
        <Box
          key={questionId}
          ref={i === place ? here : undefined}
          component="button"
          type="button"
          aria-label={flagged ? words.flaggedQuestion({ number: i + 1 }) : words.question({ number: i + 1 })}
          aria-current={i === place ? "step" : undefined}
          onClick={() => onPlace(i)}
          sx={{
            width: 34,
            flex: "none",
            height: 34,
            p: 0,
            borderRadius: "50%",
            font: "inherit",
            fontSize: 14,
            letterSpacing: 0,
            cursor: "pointer",
            position: "relative",
            color: "var(--z-ink)",
            fontWeight: i === place ? 700 : 400,
            bgcolor: answered ? "var(--z-mossWash)" : "var(--z-card)",
            border:
              i === place ? "2px solid var(--z-ink)" : `1px solid var(--z-${answered ? "moss" : "line"})`,
          }}
        >
          {i + 1}
          {flagged && (
            <Box
              aria-hidden="true"
              component="span"
              sx={{ position: "absolute", top: -8, right: -4, color: "var(--z-aubergine)", fontSize: 13 }}
            >
              ⚑
            </Box>
          )}
        </Box>
      ))}
    </Box>
  );
}
