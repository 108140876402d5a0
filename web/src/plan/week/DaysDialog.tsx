import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import type { FormEvent } from "react";
import type { Schemas } from "../../api/client";
import { asField } from "../../shell/dates";
import { FormFoot } from "../../shell/FormFoot";
import { withSeconds } from "./AddDialog";
import type { WeekDeeds } from "./useWeekDeeds";
import { words } from "./words";

interface Props {
  bar: Schemas["WeekBar"];
  deeds: WeekDeeds;
  onClose: () => void;
}

export function DaysDialog({ bar, deeds, onClose }: Props) {
  const keep = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const fields = new FormData(event.currentTarget);
    const moment = (name: string) => {
      const typed = String(fields.get(name) ?? "");
      return typed ? withSeconds(typed) : undefined;
    };
    deeds.setDays.mutate({ bar, opens: moment("opens"), due: moment("due") }, { onSuccess: onClose });
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="days-title">
      <form onSubmit={keep}>
        <DialogTitle id="days-title">{words.days.title({ name: bar.name })}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 2, "&&": { pt: 1 } }}>
          {(["opens", "due"] as const).map((name) => (
            <TextField
              key={name}
              type="datetime-local"
              name={name}
              label={words.add[name]}
              helperText={words.days.about}
              defaultValue={asField(bar[name])}
              autoFocus={name === "opens"}
              slotProps={{ inputLabel: { shrink: true } }}
            />
          ))}
          <FormFoot
            deed={deeds.setDays}
            words={{ keep: words.days.keep, cancel: words.cancel }}
            onCancel={onClose}
          />
        </DialogContent>
      </form>
    </Dialog>
  );
}
