import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { words } from "./words";

/** The text beside the questions; paragraphs are separated by an empty line. */
export function ReadingText({ texts }: { texts: Schemas["TextPage"][] }) {
  return (
    <Box
      component="section"
      aria-label={words.text}
      tabIndex={0}
      sx={{
        bgcolor: "var(--z-card)",
        borderRight: "1px solid var(--z-line)",
        p: 4,
        overflow: "auto",
        lineHeight: 1.6,
      }}
    >
      {texts.map((text) => (
        <Box key={text.title} component="article" sx={{ maxWidth: 560, mb: 4 }}>
          <Box component="h2" sx={{ fontSize: 21, mb: 2 }}>
            {text.title}
          </Box>
          {text.body.split(/\n\s*\n/).map((paragraph) => (
            <Box component="p" key={paragraph} sx={{ "&&": { mb: 2 } }}>
              {paragraph}
            </Box>
          ))}
        </Box>
      ))}
    </Box>
  );
}
