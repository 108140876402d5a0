import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { FormFoot } from "../shell/FormFoot";
import { useFocus } from "../shell/focus";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

interface Props {
  corner: Schemas["CornerShown"];
  onClose: () => void;
}

/** Where a group meets, and whether its students may add files. */
export function CornerSettings({ corner, onClose }: Props) {
  const { classId } = useFocus();
  const tell = useNotice();
  const [address, setAddress] = useState(corner.meetingAddress);
  const [meetsHere, setMeetsHere] = useState(corner.meetsHere);
  const [studentsAdd, setStudentsAdd] = useState(corner.studentsAdd);
  const keep = useMutation({
    mutationFn: () =>
      api.PUT("/api/corners/{cornerId}", {
        params: { path: { cornerId: corner.card.id } },
        body: { meetingAddress: address, meetsHere, studentsAdd, version: corner.version },
      }),
    onSuccess: () => {
      tell(words.kept);
      onClose();
    },
    onSettled: () => queryClient.invalidateQueries({ queryKey: ["class", classId, "corners"] }),
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    keep.mutate();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="corner-settings">
      <form onSubmit={submit}>
        <DialogTitle id="corner-settings">{words.settingsTitle}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 1.5 }}>
          <TextField
            label={words.address}
            value={address}
            onChange={(event) => setAddress(event.target.value)}
            autoFocus
            sx={{ mt: 1 }}
          />
          <FormControlLabel
            control={
              <Checkbox
                checked={meetsHere && address === ""}
                disabled={address !== ""}
                onChange={(_, on) => setMeetsHere(on)}
              />
            }
            label={words.meetsHere}
          />
          <FormControlLabel
            control={<Checkbox checked={studentsAdd} onChange={(_, on) => setStudentsAdd(on)} />}
            label={words.studentsAdd}
          />
          <FormFoot deed={keep} words={words} onCancel={onClose} />
        </DialogContent>
      </form>
    </Dialog>
  );
}
