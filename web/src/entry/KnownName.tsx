import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import type { Schemas } from "../api/client";
import { words } from "./words";

export type Known = NonNullable<Schemas["LetIn"]["who"]>;

interface Props {
  who: Schemas["AskingShown"];
  onSaid: (known: Known) => void;
  onClose: () => void;
}

/** Somebody asks under a name that is in the class already: only the teacher knows whether it is the same child. */
export function KnownName({ who, onSaid, onClose }: Props) {
  const name = `${who.givenName} ${who.familyName}`.trim();
  return (
    <Dialog open onClose={onClose}>
      <DialogTitle>{words.knownTitle({ name })}</DialogTitle>
      <DialogContent>{words.knownHelp({ name })}</DialogContent>
      <DialogActions>
        <Button onClick={() => onSaid("SAME")}>{words.same}</Button>
        <Button onClick={() => onSaid("ANOTHER")}>{words.another}</Button>
        <Button onClick={onClose} autoFocus>
          {words.cancel}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
