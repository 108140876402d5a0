import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import { useLocation } from "react-router";
import { signOut } from "../frame/signOut";
import { outbox } from "../outbox/mine";
import { useRest } from "./useRest";
import { words } from "./words";

const MINUTE_MS = 60_000;
const REST_MS = 10 * MINUTE_MS;
/** Somebody who reads a long text or thinks is still there. */
const REST_IN_TRY_MS = 30 * MINUTE_MS;

/** On a device that others use too: asks after a long rest, and signs out where nobody answers. */
export function StillThere() {
  const working = useLocation().pathname.startsWith("/my/tries/");
  const asking = useRest(working ? REST_IN_TRY_MS : REST_MS, MINUTE_MS, async () => {
    await outbox.flush();
    await signOut();
  });
  return (
    <Dialog open={asking} aria-label={words.stillThere}>
      <DialogContent sx={{ fontSize: "var(--z-text)" }}>{words.stillThere}</DialogContent>
      <DialogActions>
        <Button size="large" variant="contained" autoFocus>
          {words.imHere}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
