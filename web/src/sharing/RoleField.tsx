import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Role } from "../shell/role";
import { words } from "./words";

interface Props {
  role: Role;
  onRole: (role: Role) => void;
}

/** What an adult is to a class, with a word on what that means. */
export function RoleField({ role, onRole }: Props) {
  return (
    <TextField
      select
      label={words.role}
      value={role}
      helperText={words.means[role]}
      onChange={(event) => onRole(event.target.value as Role)}
    >
      {(Object.keys(words.roles) as Role[]).map((each) => (
        <MenuItem key={each} value={each}>
          {words.roles[each]}
        </MenuItem>
      ))}
    </TextField>
  );
}
