import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { editorWords as words } from "../library/editorWords";
import { useNotice } from "../shell/Notice";
import { keepEnterInside } from "./keepEnterInside";

interface Props {
  onKept: (id: number) => void;
  onCancel: () => void;
}

/** Writes a new text without leaving the task; all else about it can be said in the library. */
export function TextEditor({ onKept, onCancel }: Props) {
  const [text, setText] = useState({ title: "", body: "" });
  const tell = useNotice();
  const keep = useMutation({
    mutationFn: () =>
      data<Schemas["ItemView"]>(api.POST("/api/library/items", { body: { kind: "TEXT", ...text } })),
    onSuccess: async (kept) => {
      await queryClient.invalidateQueries({ queryKey: ["library"] });
      onKept(kept.id);
    },
    onError: (error) => tell(error.message),
  });
  return (
    <Box sx={{ display: "grid", gap: 1.5 }} onKeyDown={keepEnterInside}>
      <TextField
        autoFocus
        label={words.title}
        value={text.title}
        onChange={(event) => setText({ ...text, title: event.target.value })}
      />
      <TextField
        multiline
        minRows={8}
        label={words.bodies.TEXT}
        helperText={words.bodyHelp}
        value={text.body}
        onChange={(event) => setText({ ...text, body: event.target.value })}
      />
      <Box sx={{ display: "flex", gap: 1 }}>
        <Button onClick={onCancel}>{words.cancel}</Button>
        <Button
          disabled={keep.isPending || !text.title.trim() || !text.body.trim()}
          onClick={() => keep.mutate()}
        >
          {words.keepText}
        </Button>
      </Box>
    </Box>
  );
}
