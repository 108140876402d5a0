import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useRef, useState } from "react";
import type { Schemas } from "../api/client";
import { previewQuery } from "../api/queries";
import { ItemPageView } from "../asked/ItemPageView";
import { QuestionField } from "../asked/QuestionField";
import { useReadAloud } from "../asked/useReadAloud";
import { words } from "./words";

const FEWER = 3;

/** Exactly what a student will see, also with large text, fewer choices, or read aloud. What is tried here is not kept. */
export function StudentPreview({ item }: { item: Schemas["ItemView"] }) {
  const [large, setLarge] = useState(false);
  const [fewer, setFewer] = useState(false);
  const [given, setGiven] = useState<ReadonlyMap<number, string>>(new Map());
  const preview = useQuery({
    ...previewQuery(item.id, fewer ? FEWER : undefined),
    placeholderData: keepPreviousData,
  }).data;
  const part = useRef<HTMLDivElement>(null);
  const voice = useReadAloud(part, preview?.item.language ?? "en");
  const choices = item.questions.some((question) => question.kind.endsWith("CHOICE"));
  if (!preview) {
    return null;
  }
  return (
    <Box component="section" aria-label={words.asStudent} sx={{ mb: 2 }}>
      <Box
        sx={{
          display: "flex",
          flexWrap: "wrap",
          alignItems: "center",
          columnGap: 1.5,
          color: "var(--z-soft)",
        }}
      >
        <Box sx={{ fontSize: 12.5, flex: 1, minWidth: 130 }}>{words.asStudent}</Box>
        <Option label={words.largeText} on={large} onChange={setLarge} />
        {choices && <Option label={words.fewerChoices} on={fewer} onChange={setFewer} />}
        {voice.voice === "there" && (
          <Button size="small" onClick={voice.speaking ? voice.stop : voice.speak}>
            {voice.speaking ? words.stopReading : words.readAloud}
          </Button>
        )}
      </Box>
      <Box
        ref={part}
        sx={{
          border: "1px solid var(--z-line)",
          borderRadius: "10px",
          p: 2.25,
          maxHeight: 380,
          overflow: "auto",
          fontSize: large ? 22 : 15.5,
          lineHeight: 1.6,
        }}
        // A scrolling box must be reachable by keyboard.
        tabIndex={0}
        role="region"
        aria-label={preview.item.title}
      >
        <ItemPageView page={preview.item} />
        {preview.questions.map((sheet, i) => (
          <Box key={sheet.id} sx={{ mt: i === 0 && !preview.item.html ? 0 : 3 }}>
            <QuestionField
              sheet={sheet}
              number={i + 1}
              given={given.get(sheet.id)}
              onGive={(answer) => setGiven(new Map(given).set(sheet.id, answer))}
            />
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function Option({ label, on, onChange }: { label: string; on: boolean; onChange: (on: boolean) => void }) {
  return (
    <FormControlLabel
      control={<Checkbox size="small" checked={on} onChange={(event) => onChange(event.target.checked)} />}
      label={label}
      sx={{ "& .MuiFormControlLabel-label": { fontSize: 12.5 }, mr: 0 }}
    />
  );
}
