import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Schemas } from "../api/client";
import { spokenPage } from "../asked/spoken";
import { useReadAloud } from "../asked/useReadAloud";
import { words } from "./words";

interface Props {
  page: Schemas["TryPage"];
  /** The questions that are read; those in sight. */
  questions?: Schemas["QuestionSheet"][];
}

/** What may be used, and the button that reads aloud, where there is something of it. */
export function AtHand({ page, questions = [] }: Props) {
  const voice = useReadAloud();
  const { tools, alongside, readAloud } = page.atHand;
  const use = [...tools, ...alongside];
  const reads = readAloud && voice.possible;
  if (use.length === 0 && !reads) {
    return null;
  }
  return (
    <Box sx={{ display: "flex", alignItems: "center", flexWrap: "wrap", gap: 1.5, mb: 1, fontSize: 15 }}>
      {use.length > 0 && <Box sx={{ color: "var(--z-soft)" }}>{words.mayUse(use)}</Box>}
      {reads && (
        <Button
          size="small"
          onClick={() =>
            voice.speaking
              ? voice.stop()
              : voice.speak(spokenPage(page.texts, questions), page.texts[0]?.language ?? "en")
          }
        >
          {voice.speaking ? words.stopReading : words.readAloud}
        </Button>
      )}
    </Box>
  );
}
