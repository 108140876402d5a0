import Box from "@mui/material/Box";
import { paired, pairsOf } from "./answers";
import { Html } from "./Html";
import type { FieldProps } from "./QuestionField";
import { words } from "./words";

/** For each part a list of what may belong to it; works with a finger, a mouse and the keyboard alike. */
export function Matching({ sheet, given, onGive }: FieldProps) {
  const pairs = pairsOf(given);
  return (
    <Box sx={{ display: "grid", gap: 1.25 }}>
      {sheet.parts.map((part) => (
        <Box
          key={part.place}
          sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5, alignItems: "center" }}
        >
          <Html html={part.html} component="span" />
          <select
            aria-label={words.partnerOf(part.text)}
            value={pairs.get(part.place) ?? ""}
            onChange={(event) => onGive(paired(given, part.place, Number(event.target.value)))}
            style={selectStyle}
          >
            <option value="" disabled>
              {words.choose}
            </option>
            {sheet.partners.map((partner) => (
              <option key={partner.place} value={partner.place}>
                {partner.text}
              </option>
            ))}
          </select>
        </Box>
      ))}
    </Box>
  );
}

export const selectStyle = {
  font: "inherit",
  color: "var(--z-ink)",
  background: "var(--z-card)",
  border: "1px solid var(--z-line)",
  borderRadius: 8,
  padding: "8px 10px",
  maxWidth: "100%",
};
