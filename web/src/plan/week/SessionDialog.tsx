import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api, type Schemas } from "../../api/client";
import { classAdultsQuery } from "../../api/queries";
import { queryClient } from "../../api/queryClient";
import { asField } from "../../shell/dates";
import { FormFoot } from "../../shell/FormFoot";
import { useFocus } from "../../shell/focus";
import { withSeconds } from "./AddDialog";
import type { WeekDeeds } from "./useWeekDeeds";
import { words } from "./words";

interface Props {
  session: Schemas["SessionShown"];
  deeds: WeekDeeds;
  mayChange: boolean;
  onClose: () => void;
}

/** Changes a session: when, how long, who leads it, with whom, and what is done. */
export function SessionDialog({ session, deeds, mayChange, onClose }: Props) {
  const { classId, arrangements } = useFocus();
  const adults = useQuery(classAdultsQuery(classId)).data ?? [];
  const [groups, setGroups] = useState(session.groups);
  const keep = useMutation({
    mutationFn: (body: Schemas["SessionEdit"]) =>
      api.PUT("/api/classes/{classId}/sessions/{sessionId}", {
        params: { path: { classId, sessionId: session.id } },
        body,
      }),
    onSuccess: () => {
      queryClient.invalidateQueries({ queryKey: ["class", classId] });
      onClose();
    },
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const fields = new FormData(event.currentTarget);
    keep.mutate({
      version: session.version,
      begins: withSeconds(String(fields.get("begins"))),
      minutes: Number(fields.get("minutes")),
      adultId: Number(fields.get("adult")),
      title: String(fields.get("title")),
      itemId: session.itemId,
      groups,
    });
  };
  const remove = () => deeds.removeSession.mutate(session.id, { onSuccess: onClose });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="session-title">
      <form onSubmit={submit}>
        <DialogTitle id="session-title">{words.sessions.title}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 2, gridTemplateColumns: "1fr 1fr", "&&": { pt: 1 } }}>
          {session.clashes.map((clash) => (
            <Box
              key={clash}
              sx={{ gridColumn: "1 / -1", bgcolor: "var(--z-clayWash)", p: 1.25, borderRadius: "8px" }}
            >
              {clash}
            </Box>
          ))}
          <TextField
            type="datetime-local"
            name="begins"
            label={words.sessions.begins}
            defaultValue={asField(session.begins)}
            required
            slotProps={{ inputLabel: { shrink: true } }}
          />
          <TextField
            type="number"
            name="minutes"
            label={words.sessions.minutes}
            defaultValue={session.minutes}
            required
            slotProps={{ htmlInput: { min: 5, max: 240 } }}
          />
          <TextField select name="adult" label={words.sessions.who} defaultValue={String(session.adultId)}>
            {adults.length === 0 && <MenuItem value={String(session.adultId)}>{session.adult}</MenuItem>}
            {adults.map((adult) => (
              <MenuItem key={adult.id} value={String(adult.id)}>
                {adult.displayName}
              </MenuItem>
            ))}
          </TextField>
          <TextField name="title" label={words.sessions.what} defaultValue={session.title} />
          <Box component="fieldset" sx={{ gridColumn: "1 / -1", border: 0, p: 0, m: 0 }}>
            <Box component="legend" sx={{ fontWeight: 700 }}>
              {words.sessions.groups}
            </Box>
            {arrangements
              .flatMap((each) => each.groups)
              .map((group) => (
                <FormControlLabel
                  key={group.id}
                  label={group.name}
                  control={
                    <Checkbox
                      size="small"
                      checked={groups.includes(group.id)}
                      onChange={(event) =>
                        setGroups(
                          event.target.checked
                            ? [...groups, group.id]
                            : groups.filter((id) => id !== group.id),
                        )
                      }
                    />
                  }
                />
              ))}
            <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{words.sessions.wholeClass}</Box>
          </Box>
          {mayChange && <FormFoot deed={keep} words={words} onCancel={onClose} />}
          {mayChange && (
            <Button variant="text" onClick={remove} sx={{ gridColumn: "1 / -1", justifySelf: "start" }}>
              {words.sessions.remove}
            </Button>
          )}
        </DialogContent>
      </form>
    </Dialog>
  );
}
