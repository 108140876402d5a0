import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import type { Schemas } from "../api/client";
import { words } from "./words";

interface Props {
  card: Schemas["Card"];
  onStart: () => void;
  onClose: () => void;
}

/** Said before a clock starts: how long one has, and what happens at the end. */
export default function BeforeStart({ card, onStart, onClose }: Props) {
  return (
    <Dialog open onClose={onClose} aria-labelledby="before-start">
      <DialogTitle id="before-start">{card.title}</DialogTitle>
      <DialogContent sx={{ fontSize: "var(--z-text)", display: "grid", gap: 1 }}>
        {card.minutes !== undefined && <Box>{words.before.minutes({ minutes: card.minutes })}</Box>}
        {card.breakMinutes > 0 && <Box>{words.before.breaks({ minutes: card.breakMinutes })}</Box>}
        <Box>{words.before.end}</Box>
        <Box sx={{ color: "var(--z-soft)" }}>{words.before.connection}</Box>
      </DialogContent>
      <DialogActions>
        <Button size="large" onClick={onClose}>
          {words.before.notYet}
        </Button>
        <Button size="large" variant="contained" autoFocus onClick={onStart}>
          {words.before.start}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
