import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../api/client";
import { classesQuery } from "../api/queries";
import { words } from "./words";

interface Props {
  wanted: Schemas["Wanted"];
  onChange: (wanted: Schemas["Wanted"]) => void;
}

/** Into which class the rows go, and the day of their scores. */
export function WantedFields({ wanted, onChange }: Props) {
  const classes = useQuery(classesQuery).data?.classes ?? [];
  return (
    <Box sx={{ display: "flex", gap: 2, flexWrap: "wrap", alignItems: "start" }}>
      <TextField
        select
        label={words.into}
        value={wanted.classId ?? ""}
        onChange={(event) =>
          onChange({ ...wanted, classId: event.target.value ? Number(event.target.value) : undefined })
        }
        sx={{ minWidth: 170 }}
        slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
      >
        <MenuItem value="">{words.newClass}</MenuItem>
        {classes.map((each) => (
          <MenuItem key={each.id} value={each.id}>
            {each.name}
          </MenuItem>
        ))}
      </TextField>
      {wanted.classId === undefined && (
        <TextField
          label={words.className}
          value={wanted.className}
          onChange={(event) => onChange({ ...wanted, className: event.target.value })}
        />
      )}
      <TextField
        type="number"
        label={words.grade}
        value={wanted.grade}
        onChange={(event) => onChange({ ...wanted, grade: Number(event.target.value) })}
        slotProps={{ htmlInput: { min: 0, max: 13 } }}
        sx={{ width: 170 }}
      />
      <TextField
        type="date"
        label={words.takenOn}
        value={wanted.takenOn}
        onChange={(event) => event.target.value && onChange({ ...wanted, takenOn: event.target.value })}
        slotProps={{ inputLabel: { shrink: true } }}
      />
    </Box>
  );
}
