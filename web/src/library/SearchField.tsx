import TextField from "@mui/material/TextField";
import { useEffect, useState } from "react";
import { words } from "./words";

const PAUSE_MS = 150;

/** Searches as one types, a moment after the last key. */
export function SearchField({ value, onSearch }: { value: string; onSearch: (words: string) => void }) {
  const [text, setText] = useState(value);
  useEffect(() => setText(value), [value]);
  useEffect(() => {
    if (text === value) {
      return;
    }
    const waiting = setTimeout(() => onSearch(text), PAUSE_MS);
    return () => clearTimeout(waiting);
  }, [text, value, onSearch]);
  return (
    <TextField
      type="search"
      placeholder={words.search}
      value={text}
      onChange={(event) => setText(event.target.value)}
      slotProps={{ htmlInput: { "aria-label": words.search, maxLength: 200 } }}
      sx={{
        width: 300,
        "& .MuiOutlinedInput-root": { borderRadius: 99, bgcolor: "var(--z-card)", height: 32 },
      }}
    />
  );
}
