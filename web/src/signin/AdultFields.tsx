import TextField from "@mui/material/TextField";
import { words } from "./words";

export function AdultFields() {
  return (
    <>
      <TextField
        key="name"
        name="name"
        label={words.name}
        required
        autoFocus
        autoComplete="username"
        slotProps={{ inputLabel: { required: false } }}
      />
      <TextField
        name="password"
        type="password"
        label={words.password}
        required
        autoComplete="current-password"
        slotProps={{ inputLabel: { required: false } }}
      />
    </>
  );
}
