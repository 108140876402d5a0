import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import IconButton from "@mui/material/IconButton";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../../api/client";
import { classTimesQuery } from "../../api/planQueries";
import { queryClient } from "../../api/queryClient";
import { FormFoot } from "../../shell/FormFoot";
import { useFocus } from "../../shell/focus";
import { useNotice } from "../../shell/Notice";
import { words } from "./words";

type Meeting = Schemas["Meeting"];

export function TimesDialog({ onClose }: { onClose: () => void }) {
  const { classId } = useFocus();
  const times = useQuery({ ...classTimesQuery(classId), staleTime: 0 }).data;
  return times ? <TimesForm times={times} onClose={onClose} /> : null;
}

/** When the class meets in a week, and from how many minutes a day is too full. */
function TimesForm({ times, onClose }: { times: Schemas["Times"]; onClose: () => void }) {
  const { classId } = useFocus();
  const tell = useNotice();
  const [limit, setLimit] = useState(times.minutesPerDay);
  const [meetings, setMeetings] = useState<Meeting[]>(times.meetings);
  const keep = useMutation({
    mutationFn: () =>
      api.PUT("/api/classes/{classId}/times", {
        params: { path: { classId } },
        body: { minutesPerDay: limit, meetings },
      }),
    onSuccess: async () => {
      // What is added next begins at these times.
      await queryClient.invalidateQueries({ queryKey: ["class", classId] });
      tell(words.classTimes.kept);
      onClose();
    },
  });
  const change = (place: number, part: Partial<Meeting>) =>
    setMeetings(meetings.map((each, i) => (i === place ? { ...each, ...part } : each)));
  const fresh: Meeting = { weekday: "MONDAY", at: "09:00:00", minutes: 45, name: "" };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="times-title">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          keep.mutate();
        }}
      >
        <DialogTitle id="times-title">{words.classTimes.title}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 1.5, "&&": { pt: 1 } }}>
          <Box sx={{ color: "var(--z-soft)" }}>{words.classTimes.about}</Box>
          {meetings.map((meeting, place) => (
            <Box
              key={place}
              sx={{ display: "grid", gridTemplateColumns: "1.3fr 1fr 0.8fr 1.3fr auto", gap: 1 }}
            >
              <TextField
                select
                size="small"
                label={words.classTimes.weekday}
                value={meeting.weekday}
                onChange={(event) => change(place, { weekday: event.target.value as Meeting["weekday"] })}
              >
                {Object.entries(words.weekdays).map(([day, name]) => (
                  <MenuItem key={day} value={day}>
                    {name}
                  </MenuItem>
                ))}
              </TextField>
              <TextField
                type="time"
                size="small"
                label={words.classTimes.at}
                value={meeting.at.slice(0, 5)}
                required
                onChange={(event) => change(place, { at: `${event.target.value}:00` })}
                slotProps={{ inputLabel: { shrink: true } }}
              />
              <TextField
                type="number"
                size="small"
                label={words.classTimes.minutes}
                value={meeting.minutes}
                required
                onChange={(event) => change(place, { minutes: Number(event.target.value) })}
                slotProps={{ htmlInput: { min: 5, max: 600 } }}
              />
              <TextField
                size="small"
                label={words.classTimes.name}
                value={meeting.name}
                onChange={(event) => change(place, { name: event.target.value })}
              />
              <IconButton
                aria-label={words.classTimes.remove}
                onClick={() => setMeetings(meetings.filter((_, i) => i !== place))}
              >
                ×
              </IconButton>
            </Box>
          ))}
          <Button onClick={() => setMeetings([...meetings, fresh])} sx={{ justifySelf: "start" }}>
            {words.classTimes.add}
          </Button>
          <TextField
            type="number"
            label={words.classTimes.limit}
            value={limit}
            required
            onChange={(event) => setLimit(Number(event.target.value))}
            slotProps={{ htmlInput: { min: 10, max: 600 } }}
          />
          <FormFoot deed={keep} words={words} onCancel={onClose} />
        </DialogContent>
      </form>
    </Dialog>
  );
}
