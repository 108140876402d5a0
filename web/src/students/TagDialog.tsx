import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { words } from "./words";

interface Props {
  known: readonly string[];
  onTag: (tag: string) => void;
  onClose: () => void;
}

export function TagDialog({ known, onTag, onClose }: Props) {
  const [tag, setTag] = useState("");
  return (
    <Dialog open onClose={onClose} aria-label={words.addTag}>
      <Box
        component="form"
        sx={{ p: 2.5, display: "flex", gap: 1.5, alignItems: "center" }}
        onSubmit={(event) => {
          event.preventDefault();
          if (tag.trim()) {
            onTag(tag.trim());
          }
        }}
      >
        <Autocomplete
          freeSolo
          options={[...known]}
          inputValue={tag}
          onInputChange={(_, value) => setTag(value)}
          sx={{ width: 240 }}
          renderInput={(params) => <TextField {...params} label={words.tagName} autoFocus />}
        />
        <Button type="submit" variant="contained" disabled={!tag.trim()}>
          {words.keep}
        </Button>
        <Button onClick={onClose}>{words.cancel}</Button>
      </Box>
    </Dialog>
  );
}
