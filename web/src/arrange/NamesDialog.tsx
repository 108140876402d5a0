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
import { useState } from "react";
import { api, type Schemas } from "../api/client";
import { nameSetsQuery } from "../api/queries";
import { useNotice } from "../shell/Notice";
import type { Command } from "./useBenchStep";
import { words } from "./words";

interface Props {
  bench: Schemas["BenchView"];
  onCommand: (command: Command, said?: string) => void;
  onClose: () => void;
}

const OWN = "own";

/** Names the groups from a set that ships, from one kept before, or from names written here. */
export function NamesDialog({ bench, onCommand, onClose }: Props) {
  const sets = useQuery(nameSetsQuery).data ?? [];
  const [chosen, setChosen] = useState("Knots");
  const [written, setWritten] = useState("");
  const [keepAs, setKeepAs] = useState("");
  const [studentsSee, setStudentsSee] = useState(false);
  const [keep, remove] = useKeptSets();
  const set = sets.find((each) => each.title === chosen);
  const names = (chosen === OWN ? written.split("\n") : (set?.names ?? []))
    .map((each) => each.trim())
    .filter((each) => each !== "");
  const take = () => {
    if (chosen === OWN && keepAs.trim() !== "") {
      keep(keepAs.trim(), names);
    }
    onCommand({ kind: "NAME_FROM", names, studentsSee }, words.names.taken);
    onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="names-title">
      <DialogTitle id="names-title">{words.names.title}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 1.5, "&&": { pt: 1 } }}>
        <Box sx={{ display: "flex", gap: 1 }}>
          <TextField
            select
            label={words.names.set}
            value={chosen}
            onChange={(event) => setChosen(event.target.value)}
            sx={{ flex: 1 }}
          >
            {sets.map((each) => (
              <MenuItem key={each.title} value={each.title}>
                {each.title}
              </MenuItem>
            ))}
            <MenuItem value={OWN}>{words.names.own}</MenuItem>
          </TextField>
          {set?.id !== undefined && (
            <Button
              onClick={() => {
                remove(set.id ?? 0);
                setChosen("Knots");
              }}
            >
              {words.names.remove({ title: set.title })}
            </Button>
          )}
        </Box>
        {chosen === OWN && (
          <>
            <TextField
              label={words.names.each}
              multiline
              minRows={Math.max(3, bench.groups.length)}
              value={written}
              onChange={(event) => setWritten(event.target.value)}
              autoFocus
            />
            <TextField
              label={words.names.keepAs}
              value={keepAs}
              onChange={(event) => setKeepAs(event.target.value)}
            />
          </>
        )}
        <FormControlLabel
          control={<Checkbox checked={studentsSee} onChange={(_, on) => setStudentsSee(on)} />}
          label={words.names.studentsSee}
        />
        <Box component="ul" sx={{ m: 0, pl: 2.5, color: "var(--z-soft)" }}>
          {bench.groups.map(
            (group, i) =>
              names[i] !== undefined && (
                <li key={group.id}>{words.names.preview({ from: group.name, to: names[i] })}</li>
              ),
          )}
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{words.cancel}</Button>
        <Button variant="contained" onClick={take} disabled={names.length === 0}>
          {words.names.take}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function useKeptSets(): [(title: string, names: string[]) => void, (id: number) => void] {
  const queries = useQueryClient();
  const tell = useNotice();
  const outcome = {
    onSuccess: () => queries.invalidateQueries({ queryKey: nameSetsQuery.queryKey }),
    onError: (error: Error) => tell(error.message),
  };
  const keep = useMutation({
    ...outcome,
    mutationFn: (body: Schemas["NewNameSet"]) => api.POST("/api/name-sets", { body }),
  });
  const remove = useMutation({
    ...outcome,
    mutationFn: (nameSetId: number) =>
      api.DELETE("/api/name-sets/{nameSetId}", { params: { path: { nameSetId } } }),
  });
  return [(title, names) => keep.mutate({ title, names }), (id) => remove.mutate(id)];
}
