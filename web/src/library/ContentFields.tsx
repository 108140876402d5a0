import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useRef } from "react";
import { api, data, type Schemas } from "../api/client";
import { useNotice } from "../shell/Notice";
import { editorWords as words } from "./editorWords";
import type { ItemDraft } from "./itemDraft";

interface Props {
  draft: ItemDraft;
  onChange: (fields: Partial<ItemDraft>) => void;
}

const tall = ["TEXT", "TALK", "OFF_SCREEN"];

/** What the item itself says. */
export function ContentFields({ draft, onChange }: Props) {
  const { kind } = draft;
  const area = (label: string, name: "aims" | "steps" | "materials", rows: number) => (
    <TextField
      multiline
      minRows={rows}
      label={label}
      value={draft[name]}
      onChange={(event) => onChange({ [name]: event.target.value })}
    />
  );
  return (
    <>
      <TextField
        autoFocus
        required
        label={words.title}
        value={draft.title}
        onChange={(event) => onChange({ title: event.target.value })}
      />
      {kind === "LINK" && (
        <TextField
          required
          type="url"
          label={words.address}
          placeholder="https://"
          value={draft.address}
          onChange={(event) => onChange({ address: event.target.value })}
        />
      )}
      {kind === "LESSON" && (
        <>
          {area(words.aims, "aims", 2)}
          {area(words.steps, "steps", 6)}
          {area(words.materials, "materials", 2)}
        </>
      )}
      {kind === "PRINTABLE" && (
        <Box sx={{ display: "flex", alignItems: "center", gap: 1.5 }}>
          <FileButton
            label={words.chooseSheet}
            accept="application/pdf,image/*"
            onFile={(file) => onChange({ file })}
          />
          {draft.file?.name ?? words.sheet}
        </Box>
      )}
      {kind !== "LESSON" && (
        <TextField
          multiline
          minRows={tall.includes(kind) ? 10 : 2}
          label={words.bodies[kind]}
          helperText={words.bodyHelp}
          value={draft.body}
          onChange={(event) => onChange({ body: event.target.value })}
        />
      )}
      {(kind === "TEXT" || kind === "PRACTICE" || kind === "QUIZ") && (
        <Box>
          <FileButton
            label={words.picture}
            accept="image/*"
            onFile={(file) =>
              onChange({
                body: `${draft.body.trimEnd()}\n\n![${file.name.replace(/\.\w+$/, "")}](file:${file.id})\n`,
              })
            }
          />
        </Box>
      )}
    </>
  );
}

interface FileProps {
  label: string;
  accept: string;
  onFile: (file: Schemas["KeptFile"]) => void;
}

/** Sends a file at once; what is no picture or PDF is refused with a sentence. */
function FileButton({ label, accept, onFile }: FileProps) {
  const input = useRef<HTMLInputElement>(null);
  const tell = useNotice();
  const send = async (file: File | undefined) => {
    if (!file) {
      return;
    }
    const form = new FormData();
    form.append("file", file);
    try {
      onFile(
        await data<Schemas["KeptFile"]>(
          api.POST("/api/library/files", { body: form as never, bodySerializer: (body) => body as never }),
        ),
      );
    } catch (error) {
      tell(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        className="visually-hidden"
        tabIndex={-1}
        aria-label={label}
        onChange={(event) => {
          send(event.target.files?.[0]);
          event.target.value = "";
        }}
      />
      <Button onClick={() => input.current?.click()}>{label}</Button>
    </>
  );
}
