import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { words } from "./words";

interface Props {
  open: boolean;
  /** Numbers of the questions without an answer. */
  unanswered: number[];
  /** Numbers of those to look at again. */
  flagged?: number[];
  /** For work without questions: whether there is nothing yet; absent where there are questions. */
  empty?: boolean;
  onGoTo?: (number: number) => void;
  onHandIn: () => void;
  onClose: () => void;
}

/** What to look at once more before handing in. */
export function HandInDialog({ open, unanswered, flagged = [], empty, onGoTo, onHandIn, onClose }: Props) {
  const back = [...new Set([...unanswered, ...flagged])].sort((a, b) => a - b);
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="hand-in">
      <DialogTitle id="hand-in">{words.handInAsk}</DialogTitle>
      <DialogContent sx={{ fontSize: "var(--z-text)", display: "grid", gap: 1 }}>
        <Box>{what(unanswered, empty)}</Box>
        {flagged.length > 0 && <Box>{words.flagged(flagged)}</Box>}
        {onGoTo && back.length > 0 && (
          <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
            {back.map((number) => (
              <Button key={number} onClick={() => onGoTo(number)} sx={{ minHeight: 44 }}>
                {words.goTo({ number })}
              </Button>
            ))}
          </Box>
        )}
      </DialogContent>
      <DialogActions>
        <Button size="large" onClick={onClose}>
          {words.notYet}
        </Button>
        <Button size="large" variant="contained" onClick={onHandIn}>
          {words.handIn}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function what(unanswered: number[], empty: boolean | undefined): string {
  if (empty !== undefined) {
    return empty ? words.nothingYet : words.handedIn;
  }
  return unanswered.length === 0 ? words.allAnswered : words.open(unanswered);
}
