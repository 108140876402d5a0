import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { useFocus } from "../shell/focus";
import { GroupShape } from "../shell/GroupShape";
import { type TaskView, type VersionEdit, withoutVersion, withTargets } from "./taskEdit";
import type { Change } from "./useTaskEdit";
import { versionName, words } from "./words";

interface Props {
  task: TaskView;
  place: number;
  onChange: (change: Change) => void;
  onClose: () => void;
}

/** For whom a version is: everyone, groups, single students, minus exceptions; and what teachers call it. */
export function TargetsDialog({ task, place, onChange, onClose }: Props) {
  const version = task.versions[place];
  const [targets, setTargets] = useState<VersionEdit["targets"] | undefined>(version?.targets);
  const [staffName, setStaffName] = useState(version?.staffName ?? "");
  if (!version || !targets) {
    return null;
  }
  const finish = (change: Change) => {
    onChange(change);
    onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="targets-title">
      <DialogTitle id="targets-title">{words.targets.title(versionName(version))}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 1.5, "&&": { pt: 1 } }}>
        {!version.base && (
          <TextField
            label={words.targets.staffName}
            value={staffName}
            onChange={(event) => setStaffName(event.target.value)}
          />
        )}
        <FormControlLabel
          control={
            <Checkbox
              checked={targets.everyone}
              onChange={(event) => setTargets({ ...targets, everyone: event.target.checked })}
            />
          }
          label={words.targets.everyone}
        />
        <Groups chosen={targets.groups} onChoose={(groups) => setTargets({ ...targets, groups })} />
        <Names
          title={words.targets.students}
          task={task}
          chosen={targets.students}
          onChoose={(students) => setTargets({ ...targets, students })}
        />
        <Names
          title={words.targets.except}
          task={task}
          chosen={targets.except}
          onChoose={(except) => setTargets({ ...targets, except })}
        />
      </DialogContent>
      <DialogActions>
        {!version.base && (
          <Button
            variant="text"
            disabled={version.started}
            onClick={() => finish((edit) => withoutVersion(edit, place))}
          >
            {words.removeVersion}
          </Button>
        )}
        <Box sx={{ flex: 1 }} />
        <Button onClick={onClose}>{words.cancel}</Button>
        <Button
          variant="contained"
          disabled={staffName.trim() === ""}
          onClick={() => finish((edit) => withTargets(edit, place, staffName, targets))}
        >
          {words.keep}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function toggled(chosen: number[], id: number): number[] {
  return chosen.includes(id) ? chosen.filter((each) => each !== id) : [...chosen, id];
}

function Groups({ chosen, onChoose }: { chosen: number[]; onChoose: (groups: number[]) => void }) {
  const { arrangements } = useFocus();
  return (
    <Box component="section">
      <Box component="h3">{words.targets.groups}</Box>
      {arrangements.length === 0 && words.targets.noGroups}
      {arrangements.map((arrangement) => (
        <Box key={arrangement.id} sx={{ display: "flex", flexWrap: "wrap", alignItems: "center" }}>
          <Box sx={{ color: "var(--z-soft)", width: 160 }}>{arrangement.name}</Box>
          {arrangement.groups.map((group) => (
            <FormControlLabel
              key={group.id}
              control={
                <Checkbox
                  size="small"
                  checked={chosen.includes(group.id)}
                  onChange={() => onChoose(toggled(chosen, group.id))}
                />
              }
              label={
                <>
                  <GroupShape look={group.look} size={12} /> {group.name}
                </>
              }
            />
          ))}
        </Box>
      ))}
    </Box>
  );
}

interface NamesProps {
  title: string;
  task: TaskView;
  chosen: number[];
  onChoose: (students: number[]) => void;
}

function Names({ title, task, chosen, onChoose }: NamesProps) {
  return (
    <Box component="section" aria-label={title}>
      <Box component="h3">{title}</Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, mt: 0.5 }}>
        {task.students.map((student) => {
          const on = chosen.includes(student.id);
          return (
            <Box
              key={student.id}
              component="button"
              type="button"
              aria-pressed={on}
              onClick={() => onChoose(toggled(chosen, student.id))}
              sx={{
                font: "inherit",
                fontSize: 13,
                borderRadius: 99,
                border: "1px solid var(--z-line)",
                px: 1.25,
                bgcolor: on ? "var(--z-aubergine)" : "var(--z-card)",
                color: on ? "var(--z-card)" : "var(--z-ink)",
                cursor: "pointer",
              }}
            >
              {student.givenName}
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}
