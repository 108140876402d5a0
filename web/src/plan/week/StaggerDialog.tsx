import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import { type FormEvent, useState } from "react";
import type { Schemas } from "../../api/client";
import { asField } from "../../shell/dates";
import { FormFoot } from "../../shell/FormFoot";
import { withSeconds } from "./AddDialog";
import { draftsOf } from "./drafts";
import type { WeekDeeds } from "./useWeekDeeds";
import { words } from "./words";

interface Props {
  week: Schemas["Week"];
  deeds: WeekDeeds;
  onClose: () => void;
}

/** Lets drafts open one after the other, so many teaching days apart; they are a series from then on. */
export function StaggerDialog({ week, deeds, onClose }: Props) {
  const drafts = [...draftsOf(week), ...week.undated.filter((bar) => bar.state === "DRAFT")];
  const [chosen, setChosen] = useState<number[]>([]);
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const fields = new FormData(event.currentTarget);
    deeds.stagger.mutate(
      {
        tasks: chosen,
        first: withSeconds(String(fields.get("first"))),
        step: Number(fields.get("step")),
      },
      { onSuccess: onClose },
    );
  };
  const firstDay = week.days.find((day) => day.teaching && day.day >= week.today) ?? week.days[0];
  const few = chosen.length < 2 ? new Error(words.staggering.need) : null;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="stagger-title">
      <form onSubmit={submit}>
        <DialogTitle id="stagger-title">{words.staggering.title}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 1.5 }}>
          <Box sx={{ color: "var(--z-soft)" }}>{words.staggering.about}</Box>
          <Box>
            {drafts.map((bar) => (
              <FormControlLabel
                key={bar.taskId}
                sx={{ display: "flex" }}
                label={
                  chosen.includes(bar.taskId) ? `${chosen.indexOf(bar.taskId) + 1}. ${bar.name}` : bar.name
                }
                control={
                  <Checkbox
                    size="small"
                    checked={chosen.includes(bar.taskId)}
                    onChange={(event) =>
                      setChosen(
                        event.target.checked
                          ? [...chosen, bar.taskId]
                          : chosen.filter((id) => id !== bar.taskId),
                      )
                    }
                  />
                }
              />
            ))}
          </Box>
          <TextField
            type="datetime-local"
            name="first"
            label={words.staggering.first}
            required
            defaultValue={asField(firstDay?.opensAt)}
            slotProps={{ inputLabel: { shrink: true } }}
          />
          <TextField
            type="number"
            name="step"
            label={words.staggering.step}
            defaultValue={1}
            required
            slotProps={{ htmlInput: { min: 1, max: 30 } }}
          />
          <FormFoot
            deed={{ error: few ?? deeds.stagger.error, isPending: deeds.stagger.isPending || few !== null }}
            words={{ keep: words.staggering.go, cancel: words.cancel }}
            onCancel={onClose}
          />
        </DialogContent>
      </form>
    </Dialog>
  );
}
