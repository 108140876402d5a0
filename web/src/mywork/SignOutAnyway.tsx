import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import { signOut } from "../frame/signOut";
import { words } from "./words";

/** Asks before signing out while something given is not with the server yet. */
export default function SignOutAnyway({ onStay }: { onStay: () => void }) {
  return (
    <Dialog open onClose={onStay} aria-label={words.signOut}>
      <DialogContent sx={{ fontSize: "var(--z-text)" }}>{words.signOutWaits}</DialogContent>
      <DialogActions>
        <Button onClick={signOut}>{words.signOutAnyway}</Button>
        <Button variant="contained" onClick={onStay}>
          {words.stay}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
