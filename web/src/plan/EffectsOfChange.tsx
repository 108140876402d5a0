import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import { useState } from "react";
import { effectSentences, runningNames } from "./effects";
import type { Foreseen } from "./useTaskEdit";
import { words } from "./words";

interface Props {
  foreseen: Foreseen;
  onGo: (alsoRunning: boolean) => void;
  onClose: () => void;
}

/** Says whom a change touches before it is made, and asks whether running tries get it too. */
export function EffectsOfChange({ foreseen, onGo, onClose }: Props) {
  const [also, setAlso] = useState(false);
  const running = runningNames(foreseen.effects);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="effects-title">
      <DialogTitle id="effects-title">{words.effects.title}</DialogTitle>
      <DialogContent>
        <Box sx={{ color: "var(--z-soft)" }}>{words.effects.about}</Box>
        <Box component="ul" sx={{ pl: 2.5 }}>
          {effectSentences(foreseen.effects).map((sentence) => (
            <li key={sentence}>{sentence}</li>
          ))}
        </Box>
        {running.length > 0 && !also && <Box sx={{ mb: 1 }}>{words.effects.keep({ names: running })}</Box>}
        {running.length > 0 && (
          <FormControlLabel
            control={<Checkbox checked={also} onChange={(event) => setAlso(event.target.checked)} />}
            label={words.effects.also({ names: running })}
          />
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{words.cancel}</Button>
        <Button variant="contained" onClick={() => onGo(also)}>
          {words.effects.go}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
