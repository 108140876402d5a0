import Box from "@mui/material/Box";
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
  return (
    <Box
      component="nav"
      aria-label={words.questions}
      sx={{ display: "flex", flexWrap: "wrap", gap: 0.75, flex: 1 }}
    >
      {steps.map(({ questionId, answered, flagged }, i) => (
        <Box
          key={questionId}
          component="button"
          type="button"
          aria-label={flagged ? words.flaggedQuestion(i + 1) : words.question(i + 1)}
          aria-current={i === place ? "step" : undefined}
          onClick={() => onPlace(i)}
          sx={{
            width: 34,
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
