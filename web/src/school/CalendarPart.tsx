import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../api/client";
import { calendarQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { Card } from "../shell/Card";
import { useNotice } from "../shell/Notice";
import { Waiting } from "../shell/Waiting";
import { closedLines } from "./lines";
import { words } from "./words";

/** The school year: terms, and days on which nothing is taught. */
export function CalendarPart() {
  const year = useQuery(calendarQuery).data;
  return year ? <Year key={JSON.stringify(year)} year={year} /> : <Waiting />;
}

function Year({ year }: { year: Schemas["SchoolYear"] }) {
  const tell = useNotice();
  const [terms, setTerms] = useState(year.terms);
  const [closed, setClosed] = useState(
    year.closedDays.map((each) => `${each.day} ${each.reason}`).join("\n"),
  );
  const [day, setDay] = useState(year.day);
  const lines = closedLines(closed);
  const keep = useMutation({
    mutationFn: (closedDays: Schemas["ClosedDayEdit"][]) =>
      api.PUT("/api/school/calendar", { body: { terms, closedDays, day } }),
    onSuccess: () => {
      queryClient.invalidateQueries({ queryKey: ["school"] });
      tell(words.kept);
    },
  });
  const set = (place: number, change: Partial<Schemas["TermEdit"]>) =>
    setTerms(terms.map((term, i) => (i === place ? { ...term, ...change } : term)));
  return (
    <Card sx={{ p: 2, display: "grid", gap: 2, maxWidth: 640 }}>
      {terms.map((term, place) => (
        <Box key={term.id ?? `new ${place}`} sx={{ display: "flex", gap: 1.5 }}>
          <TextField
            label={words.term}
            value={term.name}
            onChange={(event) => set(place, { name: event.target.value })}
          />
          {(["from", "to"] as const).map((end) => (
            <TextField
              key={end}
              type="date"
              label={words[end]}
              value={term[end]}
              onChange={(event) => set(place, { [end]: event.target.value })}
              slotProps={{ inputLabel: { shrink: true } }}
            />
          ))}
        </Box>
      ))}
      <Box>
        <Button onClick={() => setTerms([...terms, { name: "", from: "", to: "" }])}>{words.addTerm}</Button>
      </Box>
      <TextField
        multiline
        minRows={3}
        label={words.closedDays}
        placeholder={words.closedExample}
        value={closed}
        onChange={(event) => setClosed(event.target.value)}
        error={"unread" in lines || keep.isError}
        helperText={"unread" in lines ? words.closedUnread({ line: lines.unread }) : keep.error?.message}
      />
      <Box role="group" aria-label={words.day.title} sx={{ display: "grid", gap: 1 }}>
        <Box component="h3">{words.day.title}</Box>
        <Box sx={{ color: "var(--z-soft)" }}>{words.day.about}</Box>
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5 }}>
          {(["starts", "lunchStarts", "lunchEnds", "ends"] as const).map((part) => (
            <TextField
              key={part}
              type="time"
              label={words.day[part]}
              value={day[part].slice(0, 5)}
              onChange={(event) => event.target.value && setDay({ ...day, [part]: event.target.value })}
              slotProps={{ inputLabel: { shrink: true } }}
            />
          ))}
        </Box>
      </Box>
      <Box>
        <Button
          variant="contained"
          disabled={!("read" in lines) || keep.isPending}
          onClick={() => "read" in lines && keep.mutate(lines.read)}
        >
          {words.keep}
        </Button>
      </Box>
    </Card>
  );
}
