import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { libraryQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { useNotice } from "../shell/Notice";
import { editorWords as words } from "./editorWords";
import { keepEnterInside } from "./keepEnterInside";

interface Props {
  onKept: (id: number) => void;
  onCancel: () => void;
}

/** Writes a new text for the library. */
export function TextEditor({ onKept, onCancel }: Props) {
  const [text, setText] = useState<Schemas["TextEdit"]>({ title: "", body: "" });
  const tell = useNotice();
  const keep = useMutation({
    mutationFn: () => data<Schemas["TextShown"]>(api.POST("/api/library/texts", { body: text })),
    onSuccess: async (kept) => {
      await queryClient.invalidateQueries({ queryKey: libraryQuery.queryKey });
      onKept(kept.id);
    },
    onError: (error) => tell(error.message),
  });
  return (
    <Box sx={{ display: "grid", gap: 1.5 }} onKeyDown={keepEnterInside}>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 120px", gap: 1.5 }}>
        <TextField
          autoFocus
          label={words.textTitle}
          value={text.title}
          onChange={(event) => setText({ ...text, title: event.target.value })}
        />
        <TextField
          type="number"
          label={words.level}
          value={text.level ?? ""}
          onChange={(event) =>
            setText({ ...text, level: event.target.value === "" ? undefined : Number(event.target.value) })
          }
        />
      </Box>
      <TextField
        multiline
        minRows={8}
        label={words.body}
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
