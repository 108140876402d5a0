import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { type FormEvent, useState } from "react";
import { useNavigate } from "react-router";
import { useFocus } from "../shell/focus";
import type { TaskView } from "./taskEdit";
import { words } from "./words";

/** Chooses a student and a time, and goes to what they will see then. */
export function SeeAsDialog({ task, onClose }: { task: TaskView; onClose: () => void }) {
  const { classId } = useFocus();
  const navigate = useNavigate();
  const [student, setStudent] = useState(String(task.students[0]?.id ?? ""));
  const [at, setAt] = useState("");
  const go = (event: FormEvent) => {
    event.preventDefault();
    const search = new URLSearchParams({ task: String(task.id) });
    if (at) {
      search.set("at", `${at}:00`);
    }
    navigate(`/classes/${classId}/plan/see-as/${student}?${search}`);
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="see-as-title">
      <form onSubmit={go}>
        <DialogTitle id="see-as-title">{words.seeAs.title}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 2, "&&": { pt: 1 } }}>
          <TextField
            select
            autoFocus
            label={words.seeAs.student}
            value={student}
            onChange={(event) => setStudent(event.target.value)}
          >
            {task.students.map((each) => (
              <MenuItem key={each.id} value={String(each.id)}>
                {each.givenName} {each.familyName}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            type="datetime-local"
            label={words.seeAs.at}
            helperText={words.seeAs.atAbout}
            value={at}
            onChange={(event) => setAt(event.target.value)}
            slotProps={{ inputLabel: { shrink: true } }}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>{words.cancel}</Button>
          <Button type="submit" variant="contained">
            {words.seeAs.go}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
