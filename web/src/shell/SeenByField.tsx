import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useKeeping, words } from "./sharing";

interface Props {
  /** The class whose own it is so far; null where the school shares it, absent for something new. */
  was: number | null | undefined;
  value: number | null | undefined;
  onChoose: (classId: number | null) => void;
}

/** Whom something new is for; what one class has is shared by those who keep what is shared, and not taken back. */
export function SeenByField({ was, value, onChoose }: Props) {
  const { keeps, classes, ownerOf } = useKeeping();
  const owners =
    was === undefined ? classes : was === null ? [] : [{ id: was, name: ownerOf({ classId: was }) }];
  return (
    <TextField
      select
      label={words.seenBy}
      value={value === null ? "" : (value ?? "")}
      onChange={(event) => onChoose(event.target.value === "" ? null : Number(event.target.value))}
      slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
    >
      {(keeps || was === null) && <MenuItem value="">{words.wholeSchool}</MenuItem>}
      {owners.map((each) => (
        <MenuItem key={each.id} value={each.id}>
          {words.ofClass({ name: each.name ?? "" })}
        </MenuItem>
      ))}
    </TextField>
  );
}
