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
import { asField } from "../shell/dates";
import { Problem } from "../shell/FormFoot";
import { TargetGroups, TargetNames } from "./TargetFields";
import { type AdjustmentEdit, type TaskView, type TermPart, withAdjustment } from "./taskEdit";
import type { Change } from "./useTaskEdit";
import { words } from "./words";

interface Props {
  task: TaskView;
  place: number;
  onChange: (change: Change) => void;
  onClose: () => void;
}

const dates = { OPENS: "opens", DUE: "due", CLOSES: "closes" } as const;
const parts: readonly TermPart[] = ["MINUTES", "OPENS", "DUE", "CLOSES", "TRIES"];

function fresh(): AdjustmentEdit {
  return { sets: ["MINUTES"], targets: { everyone: false, groups: [], students: [], except: [] } };
}

/** For whom, and which terms; a term that is chosen and left empty means that there is none. */
export function AdjustmentDialog({ task, place, onChange, onClose }: Props) {
  const [edit, setEdit] = useState<AdjustmentEdit>(() => task.adjustments[place] ?? fresh());
  const [problem, setProblem] = useState<Error | null>(null);
  const { targets, sets } = edit;
  const aim = (part: Partial<AdjustmentEdit["targets"]>) =>
    setEdit({ ...edit, targets: { ...targets, ...part } });
  const toggle = (part: TermPart, on: boolean) =>
    setEdit({ ...edit, sets: on ? [...sets, part] : sets.filter((each) => each !== part) });
  const keep = (event: FormEvent) => {
    event.preventDefault();
    const nobody = !targets.everyone && targets.groups.length + targets.students.length === 0;
    if (nobody || sets.length === 0) {
      setProblem(new Error(nobody ? words.adjust.nobody : words.adjust.nothing));
      return;
    }
    onChange((now) => withAdjustment(now, place, edit));
    onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="adjust-title">
      <form onSubmit={keep}>
        <DialogTitle id="adjust-title">{words.adjust.dialog}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 1.5 }}>
          <Box sx={{ color: "var(--z-soft)" }}>{words.adjust.rule}</Box>
          <TargetGroups chosen={targets.groups} onChoose={(groups) => aim({ groups })} />
          <TargetNames
            title={words.targets.students}
            task={task}
            chosen={targets.students}
            onChoose={(students) => aim({ students })}
          />
          <Box component="h3">{words.adjust.which}</Box>
          {parts.map((part) => (
            <Box key={part} sx={{ display: "flex", alignItems: "center", gap: 1, minHeight: 44 }}>
              <FormControlLabel
                sx={{ width: 130 }}
                label={words.adjust.parts[part]}
                control={
                  <Checkbox
                    size="small"
                    checked={sets.includes(part)}
                    onChange={(event) => toggle(part, event.target.checked)}
                  />
                }
              />
              {sets.includes(part) && <Term part={part} edit={edit} onEdit={setEdit} />}
            </Box>
          ))}
          <Problem error={problem} />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>{words.cancel}</Button>
          <Button type="submit" variant="contained">
            {words.keep}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}

interface TermProps {
  part: TermPart;
  edit: AdjustmentEdit;
  onEdit: (edit: AdjustmentEdit) => void;
}

function Term({ part, edit, onEdit }: TermProps) {
  if (part === "MINUTES" || part === "TRIES") {
    const name = part === "MINUTES" ? "minutes" : "tries";
    return (
      <TextField
        size="small"
        type="number"
        sx={{ width: 180 }}
        required={part === "TRIES"}
        label={words.adjust.parts[part]}
        placeholder={words.adjust.without[part]}
        value={edit[name] ?? ""}
        onChange={(event) =>
          onEdit({ ...edit, [name]: event.target.value === "" ? undefined : Number(event.target.value) })
        }
        slotProps={{
          htmlInput: { min: 1, max: part === "MINUTES" ? 600 : 20 },
          inputLabel: { shrink: true },
        }}
      />
    );
  }
  const name = dates[part];
  return (
    <TextField
      size="small"
      type="datetime-local"
      label={words.adjust.parts[part]}
      defaultValue={asField(edit[name])}
      onChange={(event) =>
        onEdit({ ...edit, [name]: event.target.value ? `${event.target.value}:00` : undefined })
      }
      slotProps={{ inputLabel: { shrink: true } }}
    />
  );
}
