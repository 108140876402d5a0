import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { effectSentence } from "./effectWords";
import type { BenchStep } from "./useBenchStep";
import { words } from "./words";

/** Somebody else has touched the same meanwhile: says what they did, and lets the person decide. */
export function ClashDialog({ step }: { step: BenchStep }) {
  return (
    <Dialog open={step.clash !== null} onClose={step.leaveIt} aria-labelledby="clash-title">
      <DialogTitle id="clash-title">{words.clash.title}</DialogTitle>
      <DialogContent>
        {step.clash?.sentence} {words.clash.nothing}
      </DialogContent>
      <DialogActions>
        <Button onClick={step.doAllTheSame}>{words.clash.mine}</Button>
        <Button variant="contained" onClick={step.leaveIt} autoFocus>
          {words.clash.leave}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

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
