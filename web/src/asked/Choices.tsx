import Box from "@mui/material/Box";
import { placesOf, toggled } from "./answers";
import type { FieldProps } from "./field";
import { Html } from "./Html";
import { words } from "./words";

/** One or several of several, as large targets. */
export function Choices({ sheet, given, onGive }: FieldProps) {
  const several = sheet.kind === "MULTIPLE_CHOICE";
  const chosen = placesOf(given);
  return (
    <>
      {several && <Box sx={{ mb: 1, color: "var(--z-soft)" }}>{words.several}</Box>}
      {sheet.parts.map((part) => {
        const on = chosen.includes(part.name);
        return (
          <Box
            key={part.name}
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
              bgcolor: on ? "var(--z-aubergineWash)" : "var(--z-card)",
              border: `1px solid var(--z-${on ? "aubergine" : "line"})`,
              fontWeight: on ? 700 : 400,
              "&:focus-within": { outline: "3px solid var(--z-aubergine)", outlineOffset: 1 },
            }}
          >
            <input
              type={several ? "checkbox" : "radio"}
              name={`question-${sheet.id}`}
              checked={on}
              onChange={() => onGive(several ? toggled(given, part.name) : String(part.name))}
              style={{ width: 20, height: 20, flex: "none", accentColor: "var(--z-aubergine)" }}
            />
            <Html html={part.html} component="span" />
          </Box>
        );
      })}
    </>
  );
}
