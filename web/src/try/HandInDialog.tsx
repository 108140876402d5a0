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
  /** For work without questions: whether there is nothing yet; absent where there are questions. */
  empty?: boolean;
  onHandIn: () => void;
  onClose: () => void;
}

export function HandInDialog({ open, unanswered, empty, onHandIn, onClose }: Props) {
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="hand-in">
      <DialogTitle id="hand-in">{words.handInAsk}</DialogTitle>
      <DialogContent sx={{ fontSize: 17 }}>{what(unanswered, empty)}</DialogContent>
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
