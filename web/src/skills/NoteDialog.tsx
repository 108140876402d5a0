import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { classesQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

interface Props {
  skill: Schemas["SkillInGroup"];
  students: Schemas["MemberName"][];
  onClose: () => void;
}

/** Notes what was seen at the table: so many right of so many. */
export function NoteDialog({ skill, students, onClose }: Props) {
  const classes = useQuery(classesQuery).data;
  const today = classes
    ? new Intl.DateTimeFormat("en-CA", { timeZone: classes.zone }).format(new Date(classes.now))
    : "";
  const [studentId, setStudentId] = useState<number | "">("");
  const [right, setRight] = useState("");
  const [of, setOf] = useState("5");
  const [on, setOn] = useState("");
  const [remark, setRemark] = useState("");
  const tell = useNotice();
  const refresh = () => queryClient.invalidateQueries();
  const student = students.find((each) => each.id === studentId);
  const share = Number(right) / Number(of);
  const usable = student !== undefined && right !== "" && share >= 0 && share <= 1;
  const note = useMutation({
    mutationFn: () =>
      data<Schemas["NotedEvidence"]>(
        api.POST("/api/students/{studentId}/evidence", {
          params: { path: { studentId: Number(studentId) } },
          body: { skillId: skill.id, takenOn: on || today, fraction: share, note: remark },
        }),
      ),
    onSuccess: (noted) => {
      refresh();
      tell(words.noted({ name: student?.name ?? "", skill: skill.name }), () => takeBack.mutate(noted.id));
      onClose();
    },
    onError: (error) => tell(error.message),
  });
  const takeBack = useMutation({
    mutationFn: (evidenceId: number) =>
      api.DELETE("/api/students/{studentId}/evidence/{evidenceId}", {
        params: { path: { studentId: Number(studentId), evidenceId } },
      }),
    onSuccess: refresh,
    onError: (error) => tell(error.message),
  });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="note-title">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          note.mutate();
        }}
      >
        <DialogTitle id="note-title">{words.noteTitle({ skill: skill.name })}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 1.5, "&&": { pt: 1 } }}>
          <TextField
            select
            label={words.student}
            value={studentId}
            onChange={(event) => setStudentId(Number(event.target.value))}
          >
            {students.map((each) => (
              <MenuItem key={each.id} value={each.id}>
                {each.name}
              </MenuItem>
            ))}
          </TextField>
          <Box sx={{ display: "flex", gap: 1, alignItems: "center" }}>
            <TextField
              label={words.right}
              value={right}
              onChange={(e) => setRight(e.target.value)}
              sx={{ width: 90 }}
            />
            <TextField
              label={words.of}
              value={of}
              onChange={(e) => setOf(e.target.value)}
              sx={{ width: 90 }}
            />
            <TextField
              type="date"
              label={words.on}
              value={on || today}
              onChange={(event) => setOn(event.target.value)}
              slotProps={{ inputLabel: { shrink: true } }}
              sx={{ flex: 1 }}
            />
          </Box>
          <TextField
            label={words.remark}
            value={remark}
            onChange={(event) => setRemark(event.target.value)}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>{words.cancel}</Button>
          <Button type="submit" variant="contained" disabled={!usable || note.isPending}>
            {words.keep}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
