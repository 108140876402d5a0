import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { tryQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { ItemPageView } from "../asked/ItemPageView";
import { useNotice } from "../shell/Notice";
import { AtHand } from "./AtHand";
import { HandInDialog } from "./HandInDialog";
import { KeepingMark } from "./KeepingMark";
import { TryHead } from "./TryHead";
import { useWritten } from "./useWritten";
import { words } from "./words";

interface Props {
  page: Schemas["TryPage"];
  onOver: () => void;
  onHandIn: () => void;
}

/** Work that is written or made: a text field that keeps itself, and files. */
export function HandInTry({ page, onOver, onHandIn }: Props) {
  const written = useWritten(page, onOver);
  const [asking, setAsking] = useState(false);
  return (
    <Box
      sx={{
        height: "100%",
        display: "flex",
        flexDirection: "column",
        fontSize: page.atHand.largeText ? 22 : 17,
      }}
    >
      <TryHead page={page} onOver={onOver} />
      <Box component="main" sx={{ flex: 1, overflow: "auto" }}>
        <Box sx={{ maxWidth: 760, mx: "auto", p: 3, display: "grid", gap: 2 }}>
          <AtHand page={page} />
          {page.instructions && <Box sx={{ whiteSpace: "pre-wrap" }}>{page.instructions}</Box>}
          {page.texts.map((text) => (
            <Box key={text.id} component="article">
              <Box component="h2" sx={{ fontSize: 19 }}>
                {text.title}
              </Box>
              <ItemPageView page={text} />
            </Box>
          ))}
          <TextField
            multiline
            minRows={8}
            label={words.write}
            value={written.text}
            onChange={(event) => written.setText(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 100_000 } }}
          />
          <KeepingMark keeping={written.keeping} />
          <Files page={page} />
          <Button
            size="large"
            variant="contained"
            sx={{ justifySelf: "end" }}
            onClick={() => setAsking(true)}
          >
            {words.handIn}
          </Button>
        </Box>
      </Box>
      <HandInDialog
        open={asking}
        unanswered={[]}
        empty={written.text.trim() === "" && page.files.length === 0}
        onClose={() => setAsking(false)}
        onHandIn={async () => {
          setAsking(false);
          await written.settled();
          onHandIn();
        }}
      />
    </Box>
  );
}

function Files({ page }: { page: Schemas["TryPage"] }) {
  const tell = useNotice();
  const input = useRef<HTMLInputElement>(null);
  const path = { tryId: page.id };
  const shown = (now: Schemas["TryPage"]) => queryClient.setQueryData(tryQuery(page.id).queryKey, now);
  const onError = (error: Error) => tell(error.message);
  const add = useMutation({
    mutationFn: (file: File) => {
      const form = new FormData();
      form.append("file", file);
      return data<Schemas["TryPage"]>(
        api.POST("/api/my/tries/{tryId}/files", {
          params: { path },
          // The generated type knows a file only as text.
          body: form as unknown as { file: string },
          bodySerializer: (body: unknown) => body as FormData,
        }),
      );
    },
    onSuccess: shown,
    onError,
  });
  const remove = useMutation({
    mutationFn: (fileId: number) =>
      data<Schemas["TryPage"]>(
        api.DELETE("/api/my/tries/{tryId}/files/{fileId}", { params: { path: { ...path, fileId } } }),
      ),
    onSuccess: shown,
    onError,
  });
  return (
    <Box component="section" aria-label={words.files}>
      {page.files.map((file) => (
        <Box key={file.id} sx={{ display: "flex", alignItems: "center", gap: 1 }}>
          <a href={`/api/my/tries/${page.id}/files/${file.id}`}>{file.name}</a>
          <Button
            size="small"
            aria-label={words.removeFile(file.name)}
            onClick={() => remove.mutate(file.id)}
          >
            ×
          </Button>
        </Box>
      ))}
      <input
        ref={input}
        type="file"
        aria-label={words.addFile}
        className="visually-hidden"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) {
            add.mutate(file);
          }
        }}
      />
      <Button disabled={add.isPending} onClick={() => input.current?.click()}>
        {words.addFile}
      </Button>
    </Box>
  );
}
