import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import type { BenchStep } from "./useBenchStep";
import { effectSentence, words } from "./words";

/** Says, before anything moves, what the move does to open work. */
export function EffectsDialog({ step }: { step: BenchStep }) {
  return (
    <Dialog open={step.waiting !== null} onClose={step.cancel} aria-labelledby="effects-title">
      <DialogTitle id="effects-title">{words.effects.title}</DialogTitle>
      <DialogContent>
        <ul>
          {step.waiting?.effects.map((effect) => (
            <li key={`${effect.studentId} ${effect.taskName}`}>{effectSentence(effect)}</li>
          ))}
        </ul>
      </DialogContent>
      <DialogActions>
        <Button onClick={step.cancel}>{words.effects.leave}</Button>
        <Button variant="contained" onClick={step.confirm} autoFocus>
          {words.effects.go}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
