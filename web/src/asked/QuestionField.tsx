import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import { lazyPart } from "../shell/lazyPart";
import { Part } from "../shell/Part";
import { Choices } from "./Choices";
import type { FieldProps } from "./field";
import { Html } from "./Html";
import { Matching } from "./Matching";
import { Ordering } from "./Ordering";
import { Pieces } from "./Pieces";
import { words } from "./words";

/** Writing with a little form is only fetched where a question asks for it. */
const RichText = lazyPart(
  () => words.writing,
  () => import("./RichText"),
);

/** A question and the field for its answer, the same in a try, on the shelf and in a preview. */
export function QuestionField({ sheet, number, given, onGive }: FieldProps & { number: number }) {
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}>
      <Part name={words.question({ number })}>
        <Box component="legend" sx={{ fontSize: "1.12em", fontWeight: 700, mb: 2, p: 0 }}>
          <span className="visually-hidden">{words.question({ number })}: </span>
          <Html html={sheet.prompt} component="span" />
        </Box>
        <AnswerField sheet={sheet} given={given} onGive={onGive} />
      </Part>
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
    case "LONG_ANSWER":
      return (
        <RichText
          html={props.given ?? ""}
          label={words.answer}
          onWrite={(html) => props.onGive(html, true)}
        />
      );
    case "NUMERIC":
    case "SHORT_ANSWER":
      return <Typed {...props} />;
  }
}

const widths = { NUMERIC: 160, SHORT_ANSWER: 420 } as const;

function Typed({ sheet, given, onGive }: FieldProps) {
  const kind = sheet.kind as keyof typeof widths;
  return (
    <Box sx={{ display: "flex", alignItems: "center", gap: 1.5 }}>
      <TextField
        value={given ?? ""}
        onChange={(event) => onGive(event.target.value, true)}
        autoComplete="off"
        slotProps={{
          htmlInput: {
            "aria-label": words.answer,
            inputMode: kind === "NUMERIC" ? "decimal" : "text",
            maxLength: 500,
          },
        }}
        sx={{
          width: widths[kind],
          maxWidth: "100%",
          bgcolor: "var(--z-card)",
          "& .MuiInputBase-root": { fontSize: "1.12em", letterSpacing: "inherit" },
        }}
      />
      {sheet.unit}
    </Box>
  );
}
