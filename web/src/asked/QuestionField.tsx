import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import type { Sheet } from "./answers";
import { Choices } from "./Choices";
import { Html } from "./Html";
import { Matching } from "./Matching";
import { Ordering } from "./Ordering";
import { Pieces } from "./Pieces";
import { words } from "./words";

export interface FieldProps {
  sheet: Sheet;
  given: string | undefined;
  onGive: (given: string) => void;
}

/** A question and the field for its answer, the same in a try, on the shelf and in a preview. */
export function QuestionField({ sheet, number, given, onGive }: FieldProps & { number: number }) {
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}>
      <Box component="legend" sx={{ fontSize: "1.12em", fontWeight: 700, mb: 2, p: 0 }}>
        <span className="visually-hidden">{words.question(number)}: </span>
        <Html html={sheet.prompt} component="span" />
      </Box>
      <AnswerField sheet={sheet} given={given} onGive={onGive} />
    </Box>
  );
}

function AnswerField(props: FieldProps) {
  switch (props.sheet.kind) {
    case "SINGLE_CHOICE":
    case "MULTIPLE_CHOICE":
      return <Choices {...props} />;
    case "ORDERING":
      return <Ordering {...props} />;
    case "MATCHING":
      return <Matching {...props} />;
    case "BLANKS":
    case "HOT_WORDS":
      return <Pieces {...props} />;
    case "NUMERIC":
    case "SHORT_ANSWER":
    case "LONG_ANSWER":
      return <Typed {...props} />;
  }
}

const widths = { NUMERIC: 160, SHORT_ANSWER: 420, LONG_ANSWER: "100%" } as const;

function Typed({ sheet, given, onGive }: FieldProps) {
  const kind = sheet.kind as keyof typeof widths;
  const long = kind === "LONG_ANSWER";
  return (
    <Box sx={{ display: "flex", alignItems: "center", gap: 1.5 }}>
      <TextField
        value={given ?? ""}
        onChange={(event) => onGive(event.target.value)}
        autoComplete="off"
        multiline={long}
        minRows={long ? 6 : undefined}
        slotProps={{
          htmlInput: {
            "aria-label": words.answer,
            inputMode: kind === "NUMERIC" ? "decimal" : "text",
            maxLength: long ? 15000 : 500,
            style: { fontSize: "1.12em" },
          },
        }}
        sx={{ width: widths[kind], maxWidth: "100%", bgcolor: "var(--z-card)" }}
      />
      {sheet.unit}
    </Box>
  );
}
