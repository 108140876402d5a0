import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import Switch from "@mui/material/Switch";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, data, type Schemas } from "../../api/client";
import { markingQuery } from "../../api/progressQueries";
import { queryClient } from "../../api/queryClient";
import { wordsOf } from "../../languages/words";
import { useFocus } from "../../shell/focus";
import { useNotice } from "../../shell/Notice";
import { CategoryFields } from "./CategoryFields";
import { TaskFields } from "./TaskFields";

const W = wordsOf("progress-marks", "settings");

/** How marks come about in the class. */
export function MarkingSettings({ onClose }: { onClose: () => void }) {
  const { classId } = useFocus();
  const now = useQuery(markingQuery(classId)).data;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="marking-settings">
      <DialogTitle id="marking-settings">{W.title}</DialogTitle>
      {now && <Fields key={now.version} now={now} onClose={onClose} />}
    </Dialog>
  );
}

function Fields({ now, onClose }: { now: Schemas["Marking"]; onClose: () => void }) {
  const { classId } = useFocus();
  const tell = useNotice();
  const [wanted, setWanted] = useState<Schemas["MarkingEdit"]>({
    ...now,
    // The one that a class without kinds has is none of its own.
    categories: now.categories.filter((each) => each.id !== 0),
  });
  const set = (change: Partial<Schemas["MarkingEdit"]>) => setWanted({ ...wanted, ...change });
  const save = useMutation({
    mutationFn: () => {
      const { missingIsZero, latePercentPerDay, lateMostPercent, lowPercent, categories, version } = wanted;
      return data(
        api.PUT("/api/classes/{classId}/marking", {
          params: { path: { classId } },
          body: { missingIsZero, latePercentPerDay, lateMostPercent, lowPercent, categories, version },
        }),
      );
    },
    onSuccess: () => {
      queryClient.invalidateQueries({ queryKey: ["class", classId] });
      tell(W.saved);
      onClose();
    },
    onError: (error) => tell(error.message),
  });
  const percent = (label: string, key: "latePercentPerDay" | "lateMostPercent" | "lowPercent") => (
    <TextField
      type="number"
      label={label}
      value={wanted[key]}
      onChange={(event) => set({ [key]: Number(event.target.value) })}
      slotProps={{ htmlInput: { min: 0, max: 100 } }}
    />
  );
  return (
    <>
      <DialogContent sx={{ display: "grid", gap: 2 }}>
        <FormControlLabel
          control={
            <Switch
              checked={wanted.missingIsZero}
              onChange={(event) => set({ missingIsZero: event.target.checked })}
            />
          }
          label={W.missingIsZero}
        />
        <Box sx={{ display: "grid", gridTemplateColumns: "2fr 1fr", gap: 1.5, pt: 0.5 }}>
          {percent(W.late, "latePercentPerDay")}
          {percent(W.lateMost, "lateMostPercent")}
        </Box>
        {percent(W.low, "lowPercent")}
        <CategoryFields categories={wanted.categories} onChange={(categories) => set({ categories })} />
        {now.categories.length > 0 && <TaskFields now={now} />}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{W.cancel}</Button>
        <Button variant="contained" disabled={save.isPending} onClick={() => save.mutate()}>
          {W.save}
        </Button>
      </DialogActions>
    </>
  );
}
