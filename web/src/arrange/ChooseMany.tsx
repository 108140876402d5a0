import Autocomplete from "@mui/material/Autocomplete";
import TextField from "@mui/material/TextField";

interface Props {
  label: string;
  /** Key and words of each. */
  options: readonly (readonly [string, string])[];
  chosen: readonly string[];
  onChange: (chosen: string[]) => void;
}

/** Several of a list. */
export function ChooseMany({ label, options, chosen, onChange }: Props) {
  return (
    <Autocomplete
      multiple
      disableCloseOnSelect
      options={options}
      value={options.filter(([key]) => chosen.includes(key))}
      getOptionKey={([key]) => key}
      getOptionLabel={([, text]) => text}
      isOptionEqualToValue={([one], [other]) => one === other}
      onChange={(_, now) => onChange(now.map(([key]) => key))}
      renderInput={(params) => <TextField {...params} label={label} />}
      sx={{ minWidth: 320, flex: 1 }}
    />
  );
}
