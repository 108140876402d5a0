import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { libraryQuery } from "../api/queries";
import { TextEditor } from "./TextEditor";
import { words } from "./words";

interface Props {
  chosen: number[];
  onChoose: (texts: number[]) => void;
}

/** Chooses texts of the library, in the order in which they are ticked; a new one can be written at once. */
export function TextsPicker({ chosen, onChoose }: Props) {
  const texts = useQuery(libraryQuery).data?.texts ?? [];
  const [writing, setWriting] = useState(false);
  if (writing) {
    return (
      <TextEditor
        onKept={(id) => {
          setWriting(false);
          onChoose([...chosen, id]);
        }}
        onCancel={() => setWriting(false)}
      />
    );
  }
  return (
    <Box sx={{ display: "grid", gap: 0.5 }}>
      {texts.length === 0 && words.library.none}
      {texts.map((text) => (
        <FormControlLabel
          key={text.id}
          control={
            <Checkbox
              checked={chosen.includes(text.id)}
              onChange={() =>
                onChoose(
                  chosen.includes(text.id) ? chosen.filter((id) => id !== text.id) : [...chosen, text.id],
                )
              }
            />
          }
          label={
            <>
              <b>{text.title}</b>{" "}
              <Box component="span" sx={{ color: "var(--z-soft)" }}>
                {text.level !== undefined && words.level(text.level)} {text.body.slice(0, 70)}…
              </Box>
            </>
          }
        />
      ))}
      <Button sx={{ justifySelf: "start" }} onClick={() => setWriting(true)}>
        {words.library.newText}
      </Button>
    </Box>
  );
}
