import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import { useState } from "react";
import { outbox } from "../outbox/mine";
import { signOut } from "../shell/signOut";
import { words } from "./words";

/** Signs out; where something given is not with the server yet, it says so first. */
export function SignOut() {
  const [asking, setAsking] = useState(false);
  const leave = async () => {
    await outbox.flush();
    if (outbox.now().entries.length > 0) {
      setAsking(true);
    } else {
      await signOut();
    }
  };
  return (
    <>
      <Button onClick={leave} sx={{ fontSize: "0.94em" }}>
        {words.signOut}
      </Button>
      <Dialog open={asking} onClose={() => setAsking(false)} aria-label={words.signOut}>
        <DialogContent sx={{ fontSize: "var(--z-text)" }}>{words.signOutWaits}</DialogContent>
        <DialogActions>
          <Button onClick={signOut}>{words.signOutAnyway}</Button>
          <Button variant="contained" onClick={() => setAsking(false)}>
            {words.stay}
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
