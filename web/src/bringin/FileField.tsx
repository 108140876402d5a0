import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { type ChangeEvent, useRef, useState } from "react";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

interface Props {
  file: File | null;
  onFile: (file: File, pasted: boolean) => void;
}

const MOST_BYTES = 5 * 1024 * 1024;

/** A file from disk, or text from the clipboard that is looked at as if it were one. */
export function FileField({ file, onFile }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const tell = useNotice();
  const choose = (event: ChangeEvent<HTMLInputElement>) => {
    const chosen = event.target.files?.[0];
    // The same file may be chosen again after it was mended.
    event.target.value = "";
    if (chosen && chosen.size > MOST_BYTES) {
      tell(words.tooLarge);
    } else if (chosen) {
      onFile(chosen, false);
    }
  };
  return (
    <>
      <Box sx={{ display: "flex", alignItems: "center", gap: 2 }}>
        <input
          ref={input}
          type="file"
          accept=".csv,.txt,.tsv,.xlsx,.ods,.zip,.imscc,.json,text/csv,text/plain"
          onChange={choose}
          className="visually-hidden"
          tabIndex={-1}
          aria-label={words.choose}
        />
        <Button variant={file ? "outlined" : "contained"} onClick={() => input.current?.click()}>
          {file ? words.another : words.choose}
        </Button>
        <Box sx={{ color: "var(--z-soft)" }}>{file ? file.name : words.chooseHelp}</Box>
      </Box>
      {!file && <Paste onPaste={(text) => onFile(new File([text], words.pasted), true)} />}
    </>
  );
}

function Paste({ onPaste }: { onPaste: (text: string) => void }) {
  const [text, setText] = useState("");
  return (
    <Box sx={{ display: "flex", gap: 1.5, alignItems: "start" }}>
      <TextField
        multiline
        minRows={3}
        maxRows={8}
        label={words.paste}
        value={text}
        onChange={(event) => setText(event.target.value)}
        sx={{ width: 420 }}
      />
      <Button disabled={text.trim() === ""} onClick={() => onPaste(text)}>
        {words.look}
      </Button>
    </Box>
  );
}
