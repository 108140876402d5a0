import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { Keys } from "../device/Keys";
import { words } from "./words";

/** What a code is made of; what looks alike is not in it, and is forgiven where it is typed. */
const SIGNS = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";

/** The entry code, typed or tapped, and whether the device is shared. */
export function CodeField() {
  const [code, setCode] = useState("");
  return (
    <Box sx={{ display: "grid", gap: 1.5 }}>
      <TextField
        name="code"
        label={words.code}
        helperText={words.codeHelp}
        required
        autoFocus
        autoComplete="off"
        value={code}
        onChange={(event) => setCode(event.target.value)}
        slotProps={{
          htmlInput: {
            maxLength: 12,
            autoCapitalize: "characters",
            spellCheck: false,
            style: { fontSize: 26, letterSpacing: 4 },
          },
          inputLabel: { required: false },
        }}
      />
      <Keys
        signs={SIGNS}
        columns={8}
        onSign={(sign) => setCode((before) => (before + sign).slice(0, 12))}
        onDelete={() => setCode((before) => before.slice(0, -1))}
      />
      <FormControlLabel
        control={<Checkbox name="ownDevice" />}
        label={words.ownDevice}
        slotProps={{ typography: { sx: { fontSize: 15 } } }}
      />
    </Box>
  );
}
