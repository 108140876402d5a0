import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, data, type Schemas } from "../../api/client";
import { queryClient } from "../../api/queryClient";
import { wordsOf } from "../../languages/words";
import { useFocus } from "../../shell/focus";
import { useNotice } from "../../shell/Notice";

const W = wordsOf("progress-growth", "dialog");

interface Props {
  name: string;
  students: Schemas["StudentGrowth"][];
  measure: Schemas["MeasureCard"];
  onClose: () => void;
}

/** Where one student, or each of a group, is to be by a day. */
export function AimDialog({ name, students, measure, onClose }: Props) {
  const { classId } = useFocus();
  const tell = useNotice();
  const first = students[0]?.aim;
  const [goal, setGoal] = useState(first ? String(first.goal) : "");
  const [date, setDate] = useState(first?.goalDate ?? "");
  const set = useMutation({
    mutationFn: (body: Schemas["AimsSet"]) =>
      data<Schemas["AimsSet"]>(
        api.POST("/api/classes/{classId}/aims", { params: { path: { classId } }, body }),
      ),
    onError: (error) => tell(error.message),
    onSettled: () => queryClient.invalidateQueries({ queryKey: ["class", classId] }),
  });
  const setAll = (aim: { goal?: number; goalDate?: string }) =>
    set.mutate(
      { measureId: measure.id, aims: students.map((each) => ({ studentId: each.id, ...aim })) },
      {
        onSuccess: (before) => {
          tell(W.saved, () => set.mutate(before, { onSuccess: () => tell(W.undone) }));
          onClose();
        },
      },
    );
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="aim">
      <DialogTitle id="aim">{W.title({ name })}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, "&&": { pt: 1 } }}>
        <TextField
          type="number"
          label={`${W.goal}${measure.unit ? ` (${measure.unit})` : ""}`}
          value={goal}
          onChange={(event) => setGoal(event.target.value)}
          slotProps={{ htmlInput: { min: measure.lowest, max: measure.highest, step: "any" } }}
        />
        <TextField
          type="date"
          label={W.date}
          value={date}
          onChange={(event) => setDate(event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={() => setAll({})}>{W.clear}</Button>
        <Button onClick={onClose}>{W.cancel}</Button>
        <Button
          variant="contained"
          disabled={goal === "" || date === "" || set.isPending}
          onClick={() => setAll({ goal: Number(goal), goalDate: date })}
        >
          {W.save}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
