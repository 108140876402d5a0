import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";

interface Props {
  label: string;
  value: string;
  options: (readonly [value: string, name: string])[];
  onPick: (value: string) => void;
}

/** A small choice in a line of others; its label is for those who listen. */
export function PillSelect({ label, value, options, onPick }: Props) {
  return (
    <TextField
      select
      size="small"
      value={value}
      onChange={(event) => onPick(event.target.value)}
      slotProps={{ htmlInput: { "aria-label": label }, select: { displayEmpty: true } }}
      sx={{ "& .MuiSelect-select": { py: 0.4, fontSize: 13 } }}
    >
      {options.map(([each, name]) => (
        <MenuItem key={each} value={each}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}
