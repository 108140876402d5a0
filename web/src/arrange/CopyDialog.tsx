import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import dayjs from "dayjs";
import type { FormEvent } from "react";
import { useNavigate } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { useNotice } from "../shell/Notice";
import { PeriodFields } from "./PeriodFields";
import { words } from "./words";

/** Makes the next cycle of an arrangement, as long as this one and beginning when it ends. */
export function CopyDialog({ bench, onClose }: { bench: Schemas["BenchView"]; onClose: () => void }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const tell = useNotice();
  const days = dayjs(bench.endsOn).diff(bench.beginsOn, "day");
  const begins = dayjs(bench.endsOn).add(1, "day");
  const copy = useMutation({
    mutationFn: (body: Schemas["NextCycle"]) =>
      data<Schemas["MadeArrangement"]>(
        api.POST("/api/arrangements/{arrangementId}/copies", {
          params: { path: { arrangementId: bench.id } },
          body,
        }),
      ),
    onSuccess: async ({ id }, { name }) => {
      await queries.invalidateQueries({ queryKey: ["class", bench.classId, "arrangements"] });
      onClose();
      tell(words.copy.done({ name }));
      navigate(`/classes/${bench.classId}/arrange/${id}`);
    },
    onError: (error) => tell(error.message),
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const fields = new FormData(event.currentTarget);
    copy.mutate({
      name: String(fields.get("name")),
      beginsOn: String(fields.get("beginsOn")),
      endsOn: String(fields.get("endsOn")),
    });
  };
  return (
    <Dialog open onClose={onClose} aria-labelledby="copy-title">
      <form onSubmit={submit}>
        <DialogTitle id="copy-title">{words.copy.title}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 2, "&&": { pt: 1 } }}>
          {words.copy.about}
          <TextField name="name" label={words.name} required defaultValue={`${bench.name} 2`} autoFocus />
          <PeriodFields
            beginsOn={begins.format("YYYY-MM-DD")}
            endsOn={begins.add(days, "day").format("YYYY-MM-DD")}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>{words.cancel}</Button>
          <Button type="submit" variant="contained" disabled={copy.isPending}>
            {words.copy.go}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
