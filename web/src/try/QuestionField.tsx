import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../api/client";
import { words } from "./words";

interface Props {
  question: Schemas["QuestionPage"];
  number: number;
  given: string | undefined;
  onGive: (given: string) => void;
}

export function QuestionField({ question, number, given, onGive }: Props) {
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}>
      <Box component="legend" sx={{ fontSize: 19, fontWeight: 700, mb: 2, p: 0 }}>
        <span className="visually-hidden">{words.question(number)}: </span>
        {question.prompt}
      </Box>
      {question.kind === "SINGLE_CHOICE" ? (
        <Options question={question} given={given} onGive={onGive} />
      ) : (
        <Box sx={{ display: "flex", alignItems: "center", gap: 1.5 }}>
          <TextField
            value={given ?? ""}
            onChange={(event) => onGive(event.target.value)}
            autoComplete="off"
            slotProps={{
              htmlInput: {
                "aria-label": words.answer,
                inputMode: question.kind === "NUMERIC" ? "decimal" : "text",
                maxLength: 500,
                style: { fontSize: 19 },
              },
            }}
            sx={{ width: question.kind === "NUMERIC" ? 160 : 420, bgcolor: "var(--z-card)" }}
          />
          {question.unit}
        </Box>
      )}
    </Box>
  );
}

function Options({ question, given, onGive }: Omit<Props, "number">) {
  return question.options.map((option, i) => {
    const chosen = given === String(i);
    return (
      <Box
        key={i}
        component="label"
        sx={{
          display: "flex",
          alignItems: "center",
          gap: 1.5,
          p: 1.25,
          px: 2,
          mb: 1.5,
          borderRadius: "12px",
          cursor: "pointer",
          bgcolor: chosen ? "var(--z-aubergineWash)" : "var(--z-card)",
          border: `1px solid var(--z-${chosen ? "aubergine" : "line"})`,
          fontWeight: chosen ? 700 : 400,
          "&:focus-within": { outline: "3px solid var(--z-aubergine)", outlineOffset: 1 },
        }}
      >
        <input
          type="radio"
          name={`question-${question.id}`}
          checked={chosen}
          onChange={() => onGive(String(i))}
          style={{ width: 20, height: 20, accentColor: "var(--z-aubergine)" }}
        />
        {option}
      </Box>
    );
  });
}
