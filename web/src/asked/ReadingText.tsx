import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { ItemPageView } from "./ItemPageView";
import { words } from "./words";

/** What there is to read or look at, beside the questions. */
export function ReadingText({ texts }: { texts: Schemas["ItemPage"][] }) {
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
        <Box key={text.id} component="article" sx={{ maxWidth: 560, mb: 4 }}>
          <Box component="h2" sx={{ fontSize: 21, mb: 2 }}>
            {text.title}
          </Box>
          <ItemPageView page={text} />
        </Box>
      ))}
    </Box>
  );
}
