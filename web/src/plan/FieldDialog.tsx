import Box from "@mui/material/Box";
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
import { asField } from "../shell/dates";
import { QuestionsPicker } from "./QuestionsPicker";
import { TextsPicker } from "./TextsPicker";
import { type Field, followingBase, type TaskView, type VersionEdit, withField } from "./taskEdit";
import type { Change } from "./useTaskEdit";
import { versionName, words } from "./words";

interface Props {
  task: TaskView;
  place: number;
  field: Field;
  onChange: (change: Change) => void;
  onClose: () => void;
}

/** Changes one field of the base or of a version, or lets it follow the base again. */
export function FieldDialog({ task, place, field, onChange, onClose }: Props) {
  const version = task.versions[place];
  const [value, setValue] = useState<Partial<VersionEdit>>({});
  const [writing, setWriting] = useState(false);
  if (!version) {
    return null;
  }
  const keep = (event: FormEvent) => {
    event.preventDefault();
    onChange((edit) => withField(edit, place, field, value));
    onClose();
  };
  const follow = () => {
    onChange((edit) => followingBase(edit, place, field));
    onClose();
  };
  const wide = field === "TEXTS" || field === "QUESTIONS";
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth={wide ? "md" : "xs"} aria-labelledby="field-title">
      <form onSubmit={keep}>
        <DialogTitle id="field-title">
          {words.edit({ field: words.fields[field], version: versionName(version) })}
        </DialogTitle>
        <DialogContent sx={{ "&&": { pt: 1 } }}>
          <FieldInput
            version={version}
            field={field}
            value={value}
            onValue={setValue}
            onWriting={setWriting}
          />
        </DialogContent>
        <DialogActions>
          {version.overrides.includes(field) && (
            <Button variant="text" onClick={follow}>
              {words.follow}
            </Button>
          )}
          <Box sx={{ flex: 1 }} />
          <Button onClick={onClose}>{words.cancel}</Button>
          {/* What is being written is kept first, so that it is not lost. */}
          <Button type="submit" variant="contained" disabled={writing}>
            {words.keep}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}

interface InputProps {
  version: Schemas["VersionShown"];
  field: Field;
  value: Partial<VersionEdit>;
  onValue: (value: Partial<VersionEdit>) => void;
  onWriting: (writing: boolean) => void;
}

function FieldInput({ version, field, value, onValue, onWriting }: InputProps) {
  switch (field) {
    case "TITLE":
      return (
        <TextField
          fullWidth
          autoFocus
          required
          label={words.fields.TITLE}
          value={value.title ?? version.title}
          onChange={(event) => onValue({ title: event.target.value })}
        />
      );
    case "INSTRUCTIONS":
      return (
        <TextField
          fullWidth
          autoFocus
          multiline
          minRows={3}
          label={words.fields.INSTRUCTIONS}
          value={value.instructions ?? version.instructions}
          onChange={(event) => onValue({ instructions: event.target.value })}
          slotProps={{ htmlInput: { maxLength: 10000 } }}
        />
      );
    case "TEXTS":
      return (
        <TextsPicker
          known={version.texts}
          chosen={value.texts ?? version.texts.map((text) => text.id)}
          onChoose={(texts) => onValue({ texts })}
          onWriting={onWriting}
        />
      );
    case "QUESTIONS":
      return (
        <QuestionsPicker
          chosen={value.questions ?? version.questions}
          onChoose={(questions) => onValue({ questions })}
          onWriting={onWriting}
        />
      );
    case "MINUTES":
      return <MinutesInput version={version} value={value} onValue={onValue} />;
    case "OPENS":
      return (
        <DateInput label={words.fields.OPENS} now={version.opens} onValue={(opens) => onValue({ opens })} />
      );
    case "DUE":
      return <DateInput label={words.fields.DUE} now={version.due} onValue={(due) => onValue({ due })} />;
    case "CLOSES":
      return (
        <DateInput
          label={words.fields.CLOSES}
          now={version.closes}
          onValue={(closes) => onValue({ closes })}
        />
      );
    case "TRIES":
      return (
        <TextField
          type="number"
          autoFocus
          label={words.fields.TRIES}
          defaultValue={version.tries}
          onChange={(event) => onValue({ tries: Number(event.target.value) })}
          slotProps={{ htmlInput: { min: 1, max: 20 } }}
        />
      );
  }
}

function MinutesInput({ version, value, onValue }: Omit<InputProps, "field" | "onWriting">) {
  const includes = value.includesAccommodations ?? version.includesAccommodations;
  const minutes = "minutes" in value ? value.minutes : version.minutes;
  return (
    <>
      <TextField
        type="number"
        autoFocus
        label={words.fields.MINUTES}
        helperText={words.noLimit}
        value={minutes ?? ""}
        onChange={(event) =>
          onValue({
            includesAccommodations: includes,
            minutes: event.target.value === "" ? undefined : Number(event.target.value),
          })
        }
        slotProps={{ htmlInput: { min: 1, max: 600 } }}
      />
      <FormControlLabel
        control={
          <Checkbox
            checked={includes}
            onChange={(event) => onValue({ minutes, includesAccommodations: event.target.checked })}
          />
        }
        label={words.includes}
      />
    </>
  );
}

interface DateProps {
  label: string;
  now: string | undefined;
  onValue: (value: string | undefined) => void;
}

function DateInput({ label, now, onValue }: DateProps) {
  return (
    <TextField
      type="datetime-local"
      autoFocus
      fullWidth
      label={label}
      helperText={words.noDate}
      defaultValue={asField(now)}
      onChange={(event) => onValue(event.target.value ? `${event.target.value}:00` : undefined)}
      slotProps={{ inputLabel: { shrink: true } }}
    />
  );
}
