import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import { api, data } from "../api/client";
import { type StampedTry, tryQuery } from "../api/myQueries";
import { queryClient } from "../api/queryClient";
import { stamped } from "../api/stamp";
import type { Entry } from "../outbox/entry";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

interface Props {
  page: StampedTry;
  /** On this device, not sent yet. */
  waiting: Entry[];
  onAdd: (file: File) => void;
}

export function HandedFiles({ page, waiting, onAdd }: Props) {
  const tell = useNotice();
  const input = useRef<HTMLInputElement>(null);
  const before = useRef(waiting.length);
  useEffect(() => {
    if (waiting.length < before.current) {
      queryClient.invalidateQueries({ queryKey: tryQuery(page.id).queryKey });
    }
    before.current = waiting.length;
  }, [waiting.length, page.id]);
  const remove = useMutation({
    mutationFn: async (fileId: number) =>
      stamped(
        await data(
          api.DELETE("/api/my/tries/{tryId}/files/{fileId}", {
            params: { path: { tryId: page.id, fileId } },
          }),
        ),
      ),
    onSuccess: (now) => queryClient.setQueryData(tryQuery(page.id).queryKey, now),
    onError: (error) => tell(error.message),
  });
  return (
    <Box component="section" aria-label={words.files}>
      {page.files.map((file) => (
        <Box key={file.id} sx={{ display: "flex", alignItems: "center", gap: 1 }}>
          <a href={`/api/my/tries/${page.id}/files/${file.id}`}>{file.name}</a>
          <Button
            aria-label={words.removeFile({ name: file.name })}
            onClick={() => remove.mutate(file.id)}
            sx={{ minWidth: 44 }}
          >
            ×
          </Button>
        </Box>
      ))}
      {waiting.map((entry) => (
        <Box key={entry.key} sx={{ color: "var(--z-soft)" }}>
          {words.fileWaits({ name: entry.fileName ?? "" })}
        </Box>
      ))}
      <input
        ref={input}
        type="file"
        multiple
        aria-label={words.addFile}
        className="visually-hidden"
        tabIndex={-1}
        onChange={(event) => {
          [...(event.target.files ?? [])].forEach(onAdd);
          event.target.value = "";
        }}
      />
      <Button onClick={() => input.current?.click()} sx={{ minHeight: 44 }}>
        {words.addFile}
      </Button>
    </Box>
  );
}
