import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { classesQuery } from "../api/queries";
import { asField } from "../shell/dates";
import { changes } from "../shell/role";
import { editOf, type TaskEdit, type TaskView } from "./taskEdit";
import type { Change } from "./useTaskEdit";
import { words } from "./words";

interface Props {
  task: TaskView;
  onChange: (change: Change) => void;
  onClose: () => void;
}

type OtherClass = NonNullable<TaskEdit["otherClasses"]>[number];

/** What holds for the whole task: its name, kind, how it is done, whether it comes first, and its classes. */
export function TaskSettingsDialog({ task, onChange, onClose }: Props) {
  const [edit, setEdit] = useState(() => editOf(task));
  const classes = useQuery(classesQuery).data?.classes ?? [];
  const others = edit.otherClasses ?? [];
  const put = (other: OtherClass) =>
    setEdit({ ...edit, otherClasses: [...others.filter((each) => each.classId !== other.classId), other] });
  const keep = () => {
    const { name, workKind, way, feedback, doneFirst, otherClasses } = edit;
    onChange((now) => ({ ...now, name, workKind, way, feedback, doneFirst, otherClasses }));
    onClose();
  };
  const mine = classes.filter((each) => each.id !== task.classId && !each.archived && changes(each.role));
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="task-settings-title">
      <DialogTitle id="task-settings-title">{words.settings.title}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, "&&": { pt: 1 } }}>
        <TextField
          label={words.rename}
          value={edit.name}
          onChange={(event) => setEdit({ ...edit, name: event.target.value })}
        />
        <Choice
          label={words.settings.kind}
          about={words.settings.kindAbout}
          entries={words.workKinds}
          value={edit.workKind ?? "QUIZ"}
          onChoose={(workKind) => setEdit({ ...edit, workKind })}
        />
        <Choice
          label={words.settings.way}
          entries={words.ways}
          value={edit.way ?? "ON_SCREEN"}
          onChoose={(way) => setEdit({ ...edit, way })}
        />
        <Choice
          label={words.settings.feedback}
          entries={words.feedbacks}
          value={edit.feedback ?? "WHEN_HANDED_IN"}
          onChoose={(feedback) => setEdit({ ...edit, feedback })}
        />
        <FormControlLabel
          control={
            <Checkbox
              checked={edit.doneFirst ?? false}
              onChange={(event) => setEdit({ ...edit, doneFirst: event.target.checked })}
            />
          }
          label={words.settings.first}
        />
        <Box component="section" aria-label={words.settings.classes}>
          <Box component="h3">{words.settings.classes}</Box>
          {mine.length === 0 && words.settings.noClasses}
          {mine.map((each) => {
            const other = others.find((one) => one.classId === each.id);
            return (
              <Box key={each.id}>
                <FormControlLabel
                  label={each.name}
                  control={
                    <Checkbox
                      checked={other !== undefined}
                      onChange={(event) =>
                        event.target.checked
                          ? put({ classId: each.id, sets: [] })
                          : setEdit({
                              ...edit,
                              otherClasses: others.filter((one) => one.classId !== each.id),
                            })
                      }
                    />
                  }
                />
                {other && <OwnDates other={other} name={each.name} onPut={put} />}
              </Box>
            );
          })}
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{words.cancel}</Button>
        <Button variant="contained" disabled={edit.name.trim() === ""} onClick={keep}>
          {words.keep}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

interface ChoiceProps<T extends string> {
  label: string;
  about?: string;
  entries: Record<T, string>;
  value: T;
  onChoose: (value: T) => void;
}

function Choice<T extends string>({ label, about, entries, value, onChoose }: ChoiceProps<T>) {
  return (
    <TextField
      select
      label={label}
      helperText={about}
      value={value}
      onChange={(event) => onChoose(event.target.value as T)}
    >
      {(Object.keys(entries) as T[]).map((each) => (
        <MenuItem key={each} value={each}>
          {entries[each]}
        </MenuItem>
      ))}
    </TextField>
  );
}

const dates = [
  ["OPENS", "opens"],
  ["DUE", "due"],
  ["CLOSES", "closes"],
] as const satisfies readonly (readonly [Schemas["ClassShown"]["sets"][number], string])[];

/** Dates that hold in another class in place of the base's. */
function OwnDates({
  other,
  name,
  onPut,
}: {
  other: OtherClass;
  name: string;
  onPut: (other: OtherClass) => void;
}) {
  return (
    <Box
      role="group"
      aria-label={`${words.settings.ownDates}: ${name}`}
      sx={{ pl: 4, display: "grid", gridTemplateColumns: "repeat(3, 1fr)", gap: 1 }}
    >
      {dates.map(([part, field]) => (
        <TextField
          key={part}
          size="small"
          type="datetime-local"
          label={words.adjust.parts[part]}
          defaultValue={asField(other[field])}
          onChange={(event) => {
            const typed = event.target.value;
            const left = other.sets.filter((each) => each !== part);
            onPut({
              ...other,
              sets: typed ? [...left, part] : left,
              [field]: typed ? `${typed}:00` : undefined,
            });
          }}
          slotProps={{ inputLabel: { shrink: true } }}
        />
      ))}
    </Box>
  );
}
