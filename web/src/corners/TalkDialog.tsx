import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import { type FormEvent, useState } from "react";
import { FormFoot } from "../shell/FormFoot";
import type { CornerDeeds } from "./useCornerDeeds";
import { words } from "./words";

interface Props {
  cornerId: number;
  deeds: CornerDeeds;
  onClose: () => void;
}

/** Begins a talk. */
export function TalkDialog({ cornerId, deeds, onClose }: Props) {
  const [title, setTitle] = useState("");
  const [postFirst, setPostFirst] = useState(false);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    deeds.begin.mutate({ cornerId, title, postFirst, closed: false, version: 0 }, { onSuccess: onClose });
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="talk-title">
      <form onSubmit={submit}>
        <DialogTitle id="talk-title">{words.newTalk}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 1.5 }}>
          <TextField
            label={words.talkTitle}
            value={title}
            onChange={(event) => setTitle(event.target.value)}
            required
            autoFocus
            sx={{ mt: 1 }}
            slotProps={{ htmlInput: { maxLength: 200 } }}
          />
          <FormControlLabel
            control={<Checkbox checked={postFirst} onChange={(_, on) => setPostFirst(on)} />}
            label={words.postFirst}
          />
          <FormFoot
            deed={deeds.begin}
            words={{ keep: words.begin, cancel: words.cancel }}
            onCancel={onClose}
          />
        </DialogContent>
      </form>
    </Dialog>
  );
}
