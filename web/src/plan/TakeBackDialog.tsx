import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import Radio from "@mui/material/Radio";
import RadioGroup from "@mui/material/RadioGroup";
import { useState } from "react";
import { TargetNames } from "./TargetFields";
import type { TaskView } from "./taskEdit";
import { words } from "./words";

interface Props {
  task: TaskView;
  pending: boolean;
  onAll: () => void;
  onSome: (students: number[]) => void;
  onClose: () => void;
}

/** From everybody or from some; says first what happens to those who are working on it. */
export function TakeBackDialog({ task, pending, onAll, onSome, onClose }: Props) {
  const [some, setSome] = useState(false);
  const [chosen, setChosen] = useState<number[]>([]);
  const having = task.students.filter((student) => student.gets === "ONE");
  const touched = some ? having.filter((student) => chosen.includes(student.id)) : having;
  const running = touched.filter((student) => student.work === "RUNNING").map((each) => each.givenName);
  const handedIn = touched.filter((student) => student.work === "HANDED_IN").length;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="take-back-title">
      <DialogTitle id="take-back-title">{words.takeBackDialog.title}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 1 }}>
        <RadioGroup value={some ? "some" : "all"} onChange={(_, value) => setSome(value === "some")}>
          <FormControlLabel value="all" control={<Radio size="small" />} label={words.takeBackDialog.all} />
          <FormControlLabel value="some" control={<Radio size="small" />} label={words.takeBackDialog.some} />
        </RadioGroup>
        {some && (
          <TargetNames
            title={words.targets.students}
            task={{ ...task, students: having }}
            chosen={chosen}
            onChoose={setChosen}
          />
        )}
        <Box role="status">
          {running.length > 0
            ? words.takeBackDialog.running({ names: running })
            : words.takeBackDialog.nobody}{" "}
          {handedIn > 0 && words.takeBackDialog.handedIn({ count: handedIn })}
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{words.cancel}</Button>
        <Button
          variant="contained"
          disabled={pending || (some && chosen.length === 0)}
          onClick={() => (some ? onSome(chosen) : onAll())}
        >
          {words.takeBackDialog.go}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
