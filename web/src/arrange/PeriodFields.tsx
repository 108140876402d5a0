import TextField from "@mui/material/TextField";
import { words } from "./words";

interface Props {
  /** Days as "2027-02-09". */
  beginsOn: string;
  endsOn: string;
}

/** From when to when an arrangement lasts: the form's fields beginsOn and endsOn. */
export function PeriodFields({ beginsOn, endsOn }: Props) {
  const days = [
    { name: "beginsOn", label: words.from, day: beginsOn },
    { name: "endsOn", label: words.to, day: endsOn },
  ];
  return days.map(({ name, label, day }) => (
    <TextField
      key={name}
      name={name}
      type="date"
      label={label}
      required
      slotProps={{ inputLabel: { shrink: true } }}
      defaultValue={day}
    />
  ));
}
