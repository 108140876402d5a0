import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import dayjs from "dayjs";
import { api, data, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { Card } from "../shell/Card";
import { spell } from "../shell/dates";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

type Writing = Schemas["Writing"];

const key = ["school", "writing"];
const weekdays = ["MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "FRIDAY", "SATURDAY", "SUNDAY"] as const;
/** A Monday; the days after it have the names of the others. */
const aMonday = dayjs("2027-02-08");
const usual = "";

/** How the school writes its days and times, and on what paper. */
export function WritingPart() {
  const tell = useNotice();
  const now = useQuery({ queryKey: key, queryFn: () => data(api.GET("/api/school/writing")) }).data;
  const keep = useMutation({
    mutationFn: (body: Writing) => data(api.PUT("/api/school/writing", { body })),
    onSuccess: () => {
      queryClient.invalidateQueries();
      tell(words.kept);
    },
    onError: (error) => tell(error.message),
  });
  if (!now) {
    return null;
  }
  const says = words.writing;
  return (
    <Card sx={{ p: 2, mt: 2, display: "flex", flexWrap: "wrap", gap: 1.5, maxWidth: 640 }}>
      <Choice
        label={says.weekStarts}
        value={now.weekStarts}
        options={weekdays.map((each, i) => [each, spell(aMonday.add(i, "day"), "weekdayLong")])}
        onChange={(weekStarts) => keep.mutate({ ...now, weekStarts: weekStarts as Writing["weekStarts"] })}
      />
      <Choice
        label={says.hours}
        value={now.hours ?? usual}
        options={[
          [usual, says.asTheLanguage],
          ["H24", "15:05"],
          ["H12", says.twelve],
        ]}
        onChange={(hours) => keep.mutate({ ...now, hours: (hours || undefined) as Writing["hours"] })}
      />
      <Choice
        label={says.paper}
        value={now.paper ?? usual}
        options={[
          [usual, says.asThePlace],
          ["LETTER", says.letter],
          ["A4", "A4"],
        ]}
        onChange={(paper) => keep.mutate({ ...now, paper: (paper || undefined) as Writing["paper"] })}
      />
    </Card>
  );
}

interface ChoiceProps {
  label: string;
  value: string;
  options: (readonly [string, string])[];
  onChange: (value: string) => void;
}

function Choice({ label, value, options, onChange }: ChoiceProps) {
  return (
    <TextField
      select
      size="small"
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      sx={{ minWidth: 180 }}
      slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
    >
      {options.map(([each, name]) => (
        <MenuItem key={each} value={each}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}
