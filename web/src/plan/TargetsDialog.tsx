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
import { TargetGroups, TargetNames } from "./TargetFields";
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
      <DialogTitle id="targets-title">{words.targets.title({ version: versionName(version) })}</DialogTitle>
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
        <TargetGroups chosen={targets.groups} onChoose={(groups) => setTargets({ ...targets, groups })} />
        <TargetNames
          title={words.targets.students}
          task={task}
          chosen={targets.students}
          onChoose={(students) => setTargets({ ...targets, students })}
        />
        <TargetNames
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
