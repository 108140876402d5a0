import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import type { FormEvent } from "react";
import { api, type Schemas } from "../../api/client";
import { groupSettingsQuery } from "../../api/planQueries";
import { queryClient } from "../../api/queryClient";
import { FormFoot } from "../../shell/FormFoot";
import { useNotice } from "../../shell/Notice";
import { words } from "./words";

interface Props {
  groupId: number;
  name: string;
  onClose: () => void;
}

/** Tries, tools, read aloud and what may lie beside the work, for all in a group at once. */
export function GroupSettingsDialog({ groupId, name, onClose }: Props) {
  const now = useQuery({ ...groupSettingsQuery(groupId), staleTime: 0 }).data;
  const tell = useNotice();
  const params = { path: { groupId } };
  const keep = useMutation({
    mutationFn: (body: Schemas["ForGroup"]) => api.PUT("/api/groups/{groupId}/settings", { params, body }),
    onSuccess: () => {
      queryClient.invalidateQueries({ queryKey: groupSettingsQuery(groupId).queryKey });
      queryClient.invalidateQueries({ queryKey: ["task"] });
      tell(words.settings.kept);
      onClose();
    },
  });
  if (!now) {
    return null;
  }
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const fields = new FormData(event.currentTarget);
    const tries = Number(fields.get("tries"));
    keep.mutate({
      version: now.version,
      tries: tries || undefined,
      readAloud: fields.get("readAloud") !== null,
      tools: String(fields.get("tools")),
      alongside: String(fields.get("alongside")),
    });
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="group-settings-title">
      <form onSubmit={submit}>
        <DialogTitle id="group-settings-title">{words.settings.title({ group: name })}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 2 }}>
          <div>{words.settings.about}</div>
          <TextField
            type="number"
            name="tries"
            label={words.settings.tries}
            defaultValue={now.tries ?? ""}
            slotProps={{ htmlInput: { min: 1, max: 20 } }}
          />
          <FormControlLabel
            control={<Checkbox name="readAloud" defaultChecked={now.readAloud} />}
            label={words.settings.readAloud}
          />
          <TextField name="tools" label={words.settings.tools} defaultValue={now.tools} />
          <TextField name="alongside" label={words.settings.alongside} defaultValue={now.alongside} />
          <FormFoot deed={keep} words={words} onCancel={onClose} />
        </DialogContent>
      </form>
    </Dialog>
  );
}
