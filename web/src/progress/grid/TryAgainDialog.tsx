import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { taskQuery } from "../../api/planQueries";
import { useCellActs } from "./useCellActs";
import { words } from "./words";

interface Props {
  cells: Schemas["WorkCell"][];
  onClose: () => void;
}

/** Until when, and of which version; the version can be chosen for one task at a time. */
export function TryAgainDialog({ cells, onClose }: Props) {
  const acts = useCellActs();
  const [due, setDue] = useState("");
  const [version, setVersion] = useState("");
  const tasks = [...new Set(cells.map((each) => each.taskId))];
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="try-again">
      <DialogTitle id="try-again">{words.tryAgain.title}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2 }}>
        {words.tryAgain.about}
        <TextField
          type="datetime-local"
          label={words.tryAgain.due}
          helperText={words.tryAgain.dueHelp}
          value={due}
          onChange={(event) => setDue(event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        {tasks.length === 1 && (
          <VersionField taskId={tasks[0] as number} value={version} onChange={setVersion} />
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{words.tryAgain.cancel}</Button>
        <Button
          variant="contained"
          disabled={acts.pending}
          onClick={() =>
            acts.tryAgain(
              { cells, due: due || undefined, versionId: version ? Number(version) : undefined },
              onClose,
            )
          }
        >
          {words.tryAgain.give}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

interface VersionProps {
  taskId: number;
  value: string;
  onChange: (value: string) => void;
}

function VersionField({ taskId, value, onChange }: VersionProps) {
  const versions = useQuery(taskQuery(taskId)).data?.versions ?? [];
  if (versions.length < 2) {
    return null;
  }
  return (
    <TextField
      select
      label={words.tryAgain.version}
      value={value}
      onChange={(event) => onChange(event.target.value)}
    >
      <MenuItem value="">{words.tryAgain.sameVersion}</MenuItem>
      {versions.map((each) => (
        <MenuItem key={each.id} value={String(each.id)}>
          {each.staffName}
        </MenuItem>
      ))}
    </TextField>
  );
}
