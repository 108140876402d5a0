import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import { useEffect, useState } from "react";
import type { Schemas } from "../api/client";
import { ItemSearch } from "./ItemSearch";
import { TextEditor } from "./TextEditor";
import { words } from "./words";

interface Props {
  chosen: number[];
  /** What is in the version already, by name. */
  known: Schemas["TextRef"][];
  onChoose: (texts: number[]) => void;
  onWriting: (writing: boolean) => void;
}

const kinds = ["TEXT", "PRINTABLE", "LINK", "TALK", "OFF_SCREEN"] as const;

/** Chooses what there is to read, in the order in which it is ticked; a new text can be written at once. */
export function TextsPicker({ chosen, known, onChoose, onWriting }: Props) {
  const [writing, setWriting] = useState(false);
  useEffect(() => onWriting(writing), [writing, onWriting]);
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
  const toggle = (id: number) =>
    onChoose(chosen.includes(id) ? chosen.filter((each) => each !== id) : [...chosen, id]);
  return (
    <ItemSearch kinds={kinds} first={known.map((text) => ({ id: text.id, title: text.title }))}>
      {(items) => (
        <Box sx={{ display: "grid" }}>
          {items.length === 0 && words.library.none}
          {items.map((item) => (
            <FormControlLabel
              key={item.id}
              control={<Checkbox checked={chosen.includes(item.id)} onChange={() => toggle(item.id)} />}
              label={
                <>
                  <b>{item.title}</b>{" "}
                  <Box component="span" sx={{ color: "var(--z-soft)" }}>
                    {item.level !== undefined && words.level({ level: item.level })}
                  </Box>
                </>
              }
            />
          ))}
          <Button sx={{ justifySelf: "start", mt: 1 }} onClick={() => setWriting(true)}>
            {words.library.newText}
          </Button>
        </Box>
      )}
    </ItemSearch>
  );
}
