import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { Problem } from "../../shell/FormFoot";
import { draftsOf } from "./drafts";
import type { WeekDeeds } from "./useWeekDeeds";
import { words } from "./words";

interface Props {
  week: Schemas["Week"];
  deeds: WeekDeeds;
  onClose: () => void;
}

/** All drafts of the week handed out as one step. */
export function HandOutWeekDialog({ week, deeds, onClose }: Props) {
  const drafts = draftsOf(week);
  const [left, setLeft] = useState<number[]>([]);
  const chosen = drafts.filter((bar) => !left.includes(bar.taskId)).map((bar) => bar.taskId);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="hand-out-week-title">
      <DialogTitle id="hand-out-week-title">{words.handOutWeek.title}</DialogTitle>
      <DialogContent sx={{ display: "grid" }}>
        <Box sx={{ color: "var(--z-soft)", mb: 1 }}>{words.handOutWeek.about}</Box>
        {drafts.map((bar) => (
          <FormControlLabel
            key={bar.taskId}
            label={
              <>
                <b>{bar.name}</b> {words.handOutWeek.line(bar)}
              </>
            }
            control={
              <Checkbox
                size="small"
                checked={!left.includes(bar.taskId)}
                onChange={(event) =>
                  setLeft(
                    event.target.checked ? left.filter((id) => id !== bar.taskId) : [...left, bar.taskId],
                  )
                }
              />
            }
          />
        ))}
        <Problem error={deeds.handOut.error} />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{words.cancel}</Button>
        <Button
          variant="contained"
          disabled={chosen.length === 0 || deeds.handOut.isPending}
          onClick={() => deeds.handOut.mutate(chosen, { onSuccess: onClose })}
        >
          {words.handOutWeek.go({ count: chosen.length })}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
