import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useMutation } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import { api, data, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { useNotice } from "../shell/Notice";
import { Problem } from "../shell/Problem";
import { words } from "./words";

/**
 * Brings in an outline of skills; all of it, or, where it holds a circle, nothing.
 *
 * @param given the file, where it was chosen already
 */
export function BringInSkills({ given, onClose }: { given?: File; onClose: () => void }) {
  const input = useRef<HTMLInputElement>(null);
  const tell = useNotice();
  const undo = useMutation({
    mutationFn: (ids: number[]) => api.POST("/api/skills/removed", { body: { ids } }),
    onSuccess: () => queryClient.invalidateQueries(),
    onError: (error) => tell(error.message),
  });
  const bring = useMutation({
    mutationFn: (file: File) => {
      const form = new FormData();
      form.append("file", file);
      return data<Schemas["Brought"]>(
        api.POST("/api/skills/from-file", { body: form as never, bodySerializer: (body) => body as never }),
      );
    },
    onSuccess: ({ made, known }) => {
      queryClient.invalidateQueries();
      tell(words.brought(made.length, known), made.length > 0 ? () => undo.mutate(made) : undefined);
    },
  });
  const { mutate } = bring;
  useEffect(() => {
    if (given) {
      mutate(given);
    }
  }, [given, mutate]);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="bring-skills">
      <DialogTitle id="bring-skills">{words.bringTitle}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 1.5 }}>
        <Box sx={{ color: "var(--z-soft)" }}>{words.bringAbout}</Box>
        <Box>
          <input
            ref={input}
            type="file"
            accept=".json,.csv,application/json,text/csv"
            className="visually-hidden"
            tabIndex={-1}
            aria-label={words.choose}
            onChange={(event) => {
              const file = event.target.files?.[0];
              event.target.value = "";
              if (file) {
                bring.mutate(file);
              }
            }}
          />
          <Button onClick={() => input.current?.click()}>{words.choose}</Button>
        </Box>
        <Problem error={bring.error} />
        {bring.data && (
          <Box role="status">
            <p>{words.brought(bring.data.made.length, bring.data.known)}</p>
            {bring.data.passedOver.length > 0 && (
              <>
                <Box component="h3">{words.passedOver}</Box>
                <Box component="ul" sx={{ pl: 2.5, maxHeight: 200, overflow: "auto" }}>
                  {bring.data.passedOver.map((sentence, i) => (
                    <li key={i}>{sentence}</li>
                  ))}
                </Box>
              </>
            )}
          </Box>
        )}
      </DialogContent>
      <DialogActions>
        <Button variant="contained" onClick={onClose}>
          {words.done}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
