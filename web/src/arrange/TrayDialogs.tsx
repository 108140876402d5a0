import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import { type FormEvent, useState } from "react";
import type { Schemas } from "../api/client";
import type { Command } from "./useBenchStep";
import { words } from "./words";

interface Props {
  group: Schemas["BenchGroup"];
  onCommand: (command: Command, said?: string) => void;
  onClose: () => void;
}

/** The name that staff use, and the one that students see, if any. */
export function RenameDialog({ group, onCommand, onClose }: Props) {
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const fields = new FormData(event.currentTarget);
    onClose();
    onCommand({
      kind: "RENAME",
      groupId: group.id,
      text: String(fields.get("name")),
      studentName: String(fields.get("studentName")),
    });
  };
  return (
    <Dialog open onClose={onClose} aria-label={words.rename}>
      <form onSubmit={submit}>
        <DialogContent sx={{ display: "grid", gap: 2 }}>
          <TextField name="name" label={words.newName} defaultValue={group.name} autoFocus required />
          <TextField
            name="studentName"
            label={words.studentName}
            defaultValue={group.studentName ?? ""}
            helperText={words.studentNameHelp}
            slotProps={{ htmlInput: { maxLength: 60 } }}
          />
        </DialogContent>
        <Actions onClose={onClose} />
      </form>
    </Dialog>
  );
}

export function LeadsDialog({ bench, group, onCommand, onClose }: Props & { bench: Schemas["BenchView"] }) {
  const [leads, setLeads] = useState(group.leads);
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    onClose();
    onCommand(
      { kind: "LEAD", groupId: group.id, adults: leads },
      words.leadsDialog.kept({ group: group.name }),
    );
  };
  return (
    <Dialog open onClose={onClose} aria-labelledby="leads-title">
      <form onSubmit={submit}>
        <DialogTitle id="leads-title">{words.leadsDialog.title({ group: group.name })}</DialogTitle>
        <DialogContent sx={{ display: "grid" }}>
          {bench.adults.map(({ id, name }) => (
            <FormControlLabel
              key={id}
              label={name}
              control={
                <Checkbox
                  checked={leads.includes(id)}
                  onChange={(_, on) => setLeads(on ? [...leads, id] : leads.filter((each) => each !== id))}
                />
              }
            />
          ))}
        </DialogContent>
        <Actions onClose={onClose} />
      </form>
    </Dialog>
  );
}

function Actions({ onClose }: { onClose: () => void }) {
  return (
    <DialogActions>
      <Button onClick={onClose}>{words.cancel}</Button>
      <Button type="submit" variant="contained">
        {words.keep}
      </Button>
    </DialogActions>
  );
}
