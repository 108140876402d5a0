import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import { useMutation } from "@tanstack/react-query";
import dayjs from "dayjs";
import { type FormEvent, useState } from "react";
import { useNavigate } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { sessionQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { Card } from "../shell/Card";
import { Problem } from "../shell/FormFoot";
import { Mark } from "../shell/Mark";
import { words } from "./words";

type Weekday = Schemas["FirstRun"]["weekdays"][number];
type TermDates = Schemas["TermDates"];

const allDays: readonly Weekday[] = [
  "MONDAY",
  "TUESDAY",
  "WEDNESDAY",
  "THURSDAY",
  "FRIDAY",
  "SATURDAY",
  "SUNDAY",
];

function yearAhead(): TermDates {
  const start = dayjs();
  return { name: "Year", from: start.format("YYYY-MM-DD"), to: start.add(10, "month").format("YYYY-MM-DD") };
}

async function makeSchool(wanted: Schemas["FirstRun"]): Promise<Schemas["Session"]> {
  await api.POST("/api/first-run", { body: wanted });
  const account = { name: wanted.name, password: wanted.password };
  return data<Schemas["Session"]>(api.POST("/api/sign-in/adult", { body: account }));
}

export default function FirstRun() {
  const [weekdays, setWeekdays] = useState<Weekday[]>(allDays.slice(0, 5));
  const [terms, setTerms] = useState<TermDates[]>([yearAhead()]);
  const navigate = useNavigate();
  const make = useMutation({
    mutationFn: makeSchool,
    onSuccess: (session) => {
      queryClient.setQueryData(sessionQuery.queryKey, session);
      navigate("/", { replace: true });
    },
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const fields = new FormData(event.currentTarget);
    const field = (name: string) => String(fields.get(name) ?? "");
    make.mutate({
      schoolName: field("schoolName"),
      zone: field("zone"),
      weekdays,
      terms,
      name: field("name"),
      displayName: field("displayName"),
      password: field("password"),
    });
  };
  return (
    <Box component="main" sx={{ display: "grid", placeItems: "center", p: 3 }}>
      <Card sx={{ p: 4, width: 620, maxWidth: "100%" }}>
        <form onSubmit={submit} style={{ display: "grid", gap: 18 }}>
          <Box sx={{ display: "flex", alignItems: "center", gap: 1.5 }}>
            <Mark size={36} />
            <Box component="h1" sx={{ fontSize: 22 }}>
              {words.title}
            </Box>
          </Box>
          <Box sx={{ color: "var(--z-soft)" }}>{words.about}</Box>
          <Pair>
            <TextField name="schoolName" label={words.school} required autoFocus />
            <TextField
              name="zone"
              label={words.zone}
              required
              defaultValue={Intl.DateTimeFormat().resolvedOptions().timeZone}
              helperText={words.zoneHelp}
            />
          </Pair>
          <Box component="h2">{words.weekdays}</Box>
          <ToggleButtonGroup
            size="small"
            value={weekdays}
            onChange={(_, days: Weekday[]) => setWeekdays(days)}
          >
            {allDays.map((day) => (
              <ToggleButton key={day} value={day}>
                {words.days[day]}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          <Box component="h2">{words.terms}</Box>
          <Terms terms={terms} onChange={setTerms} />
          <Box component="h2">{words.account}</Box>
          <Pair>
            <TextField name="name" label={words.name} required autoComplete="username" />
            <TextField name="displayName" label={words.displayName} required />
          </Pair>
          <TextField
            name="password"
            type="password"
            label={words.password}
            helperText={words.passwordHelp}
            required
            autoComplete="new-password"
          />
          <Problem error={make.error} />
          <Button type="submit" variant="contained" size="large" disabled={make.isPending}>
            {words.go}
          </Button>
        </form>
      </Card>
    </Box>
  );
}

function Pair({ children }: { children: React.ReactNode }) {
  return <Box sx={{ display: "grid", gridTemplateColumns: { sm: "1fr 1fr" }, gap: 2 }}>{children}</Box>;
}

function Terms({ terms, onChange }: { terms: TermDates[]; onChange: (terms: TermDates[]) => void }) {
  const change = (place: number, part: Partial<TermDates>) =>
    onChange(terms.map((term, i) => (i === place ? { ...term, ...part } : term)));
  const label = { inputLabel: { shrink: true } };
  return (
    <>
      {terms.map((term, i) => (
        <Box key={i} sx={{ display: "grid", gridTemplateColumns: "1fr 1fr 1fr", gap: 2 }}>
          <TextField
            label={words.term}
            required
            value={term.name}
            onChange={(e) => change(i, { name: e.target.value })}
          />
          <TextField
            type="date"
            label={words.from}
            required
            slotProps={label}
            value={term.from}
            onChange={(e) => change(i, { from: e.target.value })}
          />
          <TextField
            type="date"
            label={words.to}
            required
            slotProps={label}
            value={term.to}
            onChange={(e) => change(i, { to: e.target.value })}
          />
        </Box>
      ))}
      <Button
        sx={{ justifySelf: "start" }}
        onClick={() => onChange([...terms, { ...yearAhead(), name: "" }])}
      >
        {words.addTerm}
      </Button>
    </>
  );
}
