import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api, type Schemas } from "../api/client";
import { classesQuery } from "../api/queries";
import { useNotice } from "../shell/Notice";
import { PeriodFields } from "./PeriodFields";
import { words } from "./words";

interface Props {
  bench: Schemas["BenchView"];
  onClose: () => void;
}

const OTHER_LANGUAGE = "";
const sights = ["MINE", "CLASS", "SCHOOL"] as const;

/** What can be written of an arrangement, whom it draws from, and what of it is watched. */
export function DetailsDialog({ bench, onClose }: Props) {
  const queries = useQueryClient();
  const tell = useNotice();
  const classes = useQuery(classesQuery).data?.classes.filter((each) => !each.archived) ?? [];
  const [classIds, setClassIds] = useState(bench.details.classIds);
  const [overlap, setOverlap] = useState(bench.details.overlap);
  const all = [...bench.tags, OTHER_LANGUAGE];
  const [watched, setWatched] = useState(bench.details.watched ?? all);
  const [sight, setSight] = useState(bench.details.sight);
  const [purpose, setPurpose] = useState(bench.details.purpose);
  const save = useMutation({
    mutationFn: (body: Schemas["ArrangementEdit"]) =>
      api.PUT("/api/arrangements/{arrangementId}", { params: { path: { arrangementId: bench.id } }, body }),
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: ["bench", bench.id] });
      queries.invalidateQueries({ queryKey: ["class"] });
      tell(words.details.saved);
      onClose();
    },
    onError: (error) => tell(error.message),
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const fields = new FormData(event.currentTarget);
    const field = (name: string) => String(fields.get(name) ?? "");
    save.mutate({
      name: field("name"),
      subject: field("subject"),
      purpose,
      description: field("description"),
      note: field("note"),
      beginsOn: field("beginsOn"),
      endsOn: field("endsOn"),
      overlap,
      classIds,
      watched: watched.length === all.length ? undefined : watched,
      sight,
      version: bench.details.version,
    });
  };
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="details-title">
      <form onSubmit={submit}>
        <DialogTitle id="details-title">{words.details.title}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 2, gridTemplateColumns: "1fr 1fr 1fr", "&&": { pt: 1 } }}>
          <TextField name="name" label={words.name} required defaultValue={bench.name} autoFocus />
          <TextField name="subject" label={words.subject} required defaultValue={bench.subject} />
          <Autocomplete
            freeSolo
            options={words.details.purposes}
            inputValue={purpose}
            onInputChange={(_, text) => setPurpose(text)}
            renderInput={(params) => <TextField {...params} label={words.details.purpose} />}
          />
          <PeriodFields beginsOn={bench.beginsOn} endsOn={bench.endsOn} />
          <FormControlLabel
            control={<Checkbox checked={overlap} onChange={(_, on) => setOverlap(on)} />}
            label={words.details.overlap}
          />
          <TextField
            name="description"
            label={words.details.description}
            multiline
            minRows={2}
            defaultValue={bench.details.description}
            sx={{ gridColumn: "1 / -1" }}
          />
          <TextField
            name="note"
            label={words.details.note}
            multiline
            minRows={2}
            defaultValue={bench.details.note}
            sx={{ gridColumn: "1 / -1" }}
          />
          <TextField
            select
            label={words.details.sight}
            value={sight}
            onChange={(event) => setSight(event.target.value as typeof sight)}
            sx={{ gridColumn: "1 / -1" }}
          >
            {sights.map((each) => (
              <MenuItem key={each} value={each}>
                {words.details.sights[each]}
              </MenuItem>
            ))}
          </TextField>
          <Ticks
            title={words.details.classes}
            options={classes.map((each) => ({
              id: each.id,
              label: each.name,
              fixed: each.id === bench.classId,
            }))}
            chosen={classIds}
            onChange={setClassIds}
          />
          <Ticks
            title={words.details.watch}
            options={all.map((tag) => ({ id: tag, label: tag || words.details.otherLanguage, fixed: false }))}
            chosen={watched}
            onChange={setWatched}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>{words.cancel}</Button>
          <Button type="submit" variant="contained" disabled={save.isPending}>
            {words.details.save}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}

interface TicksProps<T> {
  title: string;
  /** A fixed one stays chosen. */
  options: { id: T; label: string; fixed: boolean }[];
  chosen: T[];
  onChange: (chosen: T[]) => void;
}

function Ticks<T extends string | number>({ title, options, chosen, onChange }: TicksProps<T>) {
  return (
    <Box component="fieldset" sx={{ gridColumn: "1 / -1", border: 0, p: 0, m: 0 }}>
      <Box component="legend" sx={{ fontSize: 12.5, color: "var(--z-soft)" }}>
        {title}
      </Box>
      {options.map(({ id, label, fixed }) => (
        <FormControlLabel
          key={id}
          control={
            <Checkbox
              checked={chosen.includes(id)}
              disabled={fixed}
              onChange={(_, on) => onChange(on ? [...chosen, id] : chosen.filter((each) => each !== id))}
            />
          }
          label={label}
        />
      ))}
    </Box>
  );
}
