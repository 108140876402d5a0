import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import type { FormEvent } from "react";
import type { Schemas } from "../api/client";
import { Problem } from "../shell/FormFoot";
import { words } from "./words";

interface Props {
  help: string;
  /** Says what became of it, as a sentence. */
  onKey: (key: Schemas["GroupKey"]) => Promise<string>;
  onClose: () => void;
}

/** Where somebody who is signed in types the code and the password of a group. */
export default function JoinGroupDialog({ help, onKey, onClose }: Props) {
  const join = useMutation({ mutationFn: onKey });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const fields = new FormData(event.currentTarget);
    const text = (name: string) => String(fields.get(name) ?? "").trim();
    join.mutate({ code: text("code"), password: text("password") });
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="join-group">
      <DialogTitle id="join-group">{words.joinGroupTitle}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, fontSize: "var(--z-text)" }}>
        {join.isSuccess ? (
          <>
            <Box role="status">{join.data}</Box>
            <Box>
              <Button variant="contained" autoFocus onClick={onClose}>
                {words.done}
              </Button>
            </Box>
          </>
        ) : (
          <Box component="form" onSubmit={submit} sx={{ display: "grid", gap: 2 }}>
            <Box sx={{ color: "var(--z-soft)" }}>{help}</Box>
            <TextField name="code" label={words.groupCode} required autoFocus autoComplete="off" />
            <TextField name="password" label={words.password} required autoComplete="off" />
            <Problem error={join.error} />
            <Box sx={{ display: "flex", gap: 1 }}>
              <Button type="submit" variant="contained" disabled={join.isPending}>
                {words.join}
              </Button>
              <Button onClick={onClose}>{words.cancel}</Button>
            </Box>
          </Box>
        )}
      </DialogContent>
    </Dialog>
  );
}
