import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { handOutQuery } from "../api/planQueries";
import type { TaskView } from "./taskEdit";
import { handOutSentence, isEased, onTopSentence, problemSentence, words } from "./words";

interface Props {
  task: TaskView;
  pending: boolean;
  onGo: (confirmNotCovered: boolean) => void;
  onClose: () => void;
}

/** Says in plain sentences what handing out will do, and what stands in the way. */
export function HandOutDialog({ task, pending, onGo, onClose }: Props) {
  const [confirmed, setConfirmed] = useState(false);
  const looked = useQuery({ ...handOutQuery(task.id, task.version), staleTime: 0 }).data;
  const problems = looked ?? task.problems;
  const stops = problems.filter((problem) => problem.stops);
  const warnings = problems.filter((problem) => !problem.stops && problem.kind !== "NOT_COVERED");
  const none = task.students.filter((student) => student.gets === "NOTHING");
  const eased = task.students.filter(isEased);
  const receiving = task.versions
    .map((version) => ({ version, students: task.students.filter((each) => each.versionId === version.id) }))
    .filter(({ students }) => students.length > 0);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="hand-out-title">
      <DialogTitle id="hand-out-title">
        {words.handOutDialog.title}: {task.name}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 1.5 }}>
        {stops.length > 0 && (
          <Sentences
            title={words.handOutDialog.stops}
            wash="clayWash"
            sentences={stops.map((problem) => problemSentence(problem, task.versions))}
          />
        )}
        <Sentences
          title={words.handOutDialog.list}
          sentences={[
            ...receiving.map(({ version, students }) => handOutSentence(version, students)),
            ...eased.map(onTopSentence),
          ]}
        />
        {warnings.length > 0 && (
          <Sentences
            title={words.handOutDialog.look}
            wash="saffronWash"
            sentences={warnings.map((problem) => problemSentence(problem, task.versions))}
          />
        )}
        {none.length > 0 && none.length < task.students.length && (
          <FormControlLabel
            control={
              <Checkbox checked={confirmed} onChange={(event) => setConfirmed(event.target.checked)} />
            }
            label={words.handOutDialog.confirm({ names: none.map((student) => student.givenName) })}
          />
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{words.cancel}</Button>
        <Button
          variant="contained"
          disabled={pending || !looked || stops.length > 0 || (none.length > 0 && !confirmed)}
          onClick={() => onGo(confirmed)}
        >
          {words.handOutDialog.go}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function Sentences({ title, sentences, wash }: { title: string; sentences: string[]; wash?: string }) {
  return (
    <Box sx={wash ? { bgcolor: `var(--z-${wash})`, borderRadius: "8px", p: 1.25 } : undefined}>
      <Box component="h3">{title}</Box>
      <Box component="ul" sx={{ pl: 2.5 }}>
        {sentences.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </Box>
    </Box>
  );
}
