import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation } from "@tanstack/react-query";
import { type ChangeEvent, useRef, useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { useUndoImport } from "../bringin/ImportList";
import { Card } from "../shell/Card";
import { Problem } from "../shell/FormFoot";
import { LongWork, useLongWork } from "../shell/LongWork";
import { useNotice } from "../shell/Notice";
import { Changes } from "./Changes";
import { words } from "./words";

const MOST_BYTES = 40 * 1024 * 1024;

/** The generated type of a multipart body is its fields; what travels is a form. */
function asForm(file: File) {
  const form = new FormData();
  form.append("file", file);
  return {
    body: form as unknown as { file: string },
    bodySerializer: (body: unknown) => body as FormData,
  };
}

/** The whole school's list as a OneRoster bundle: looked at, applied, given out. */
export function BundleCard() {
  const input = useRef<HTMLInputElement>(null);
  const [file, setFile] = useState<File | null>(null);
  const tell = useNotice();
  const undo = useUndoImport();
  const work = useLongWork();
  const look = useMutation({
    mutationFn: (chosen: File) =>
      data<Schemas["BundlePreview"]>(api.POST("/api/school/one-roster/preview", asForm(chosen))),
  });
  const take = useMutation({
    mutationFn: (chosen: File) =>
      work.run((headers) =>
        data<Schemas["BundleTaken"]>(api.POST("/api/school/one-roster", { ...asForm(chosen), headers })),
      ),
    onSuccess: (taken) => {
      queryClient.invalidateQueries();
      setFile(null);
      look.reset();
      tell(words.applied({ count: taken.changes }), () => undo.mutate(taken.importId));
    },
  });
  const choose = (event: ChangeEvent<HTMLInputElement>) => {
    const chosen = event.target.files?.[0];
    event.target.value = "";
    if (chosen && chosen.size > MOST_BYTES) {
      tell(words.tooLarge);
    } else if (chosen) {
      setFile(chosen);
      look.mutate(chosen);
    }
  };
  const error = look.error ?? take.error;
  return (
    <Card component="section" aria-label={words.bundleTitle} sx={{ p: 2, display: "grid", gap: 1.5 }}>
      <Box>
        <Box component="h2" sx={{ fontSize: 16 }}>
          {words.bundleTitle}
        </Box>
        <Box sx={{ color: "var(--z-soft)" }}>{words.bundleHelp}</Box>
      </Box>
      <Box sx={{ display: "flex", gap: 1.5, alignItems: "center" }}>
        <input
          ref={input}
          type="file"
          accept=".zip"
          onChange={choose}
          className="visually-hidden"
          tabIndex={-1}
          aria-label={words.choose}
        />
        <Button onClick={() => input.current?.click()}>{words.choose}</Button>
        <Button component="a" href="/api/school/one-roster">
          {words.give}
        </Button>
        {file?.name}
      </Box>
      <Problem error={error} />
      <LongWork workKey={work.key} />
      {look.data && file && (
        <>
          <Changes preview={look.data} />
          {look.data.changes.length > 0 && (
            <Box>
              <Button variant="contained" disabled={take.isPending} onClick={() => take.mutate(file)}>
                {words.take({ count: look.data.changes.length })}
              </Button>
            </Box>
          )}
        </>
      )}
    </Card>
  );
}
