import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../api/client";
import { studentsQuery, surveysQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { Problem } from "../shell/FormFoot";
import { RankFields } from "./RankFields";
import { words } from "./words";

interface Props {
  classId: number;
  survey: Schemas["SurveyShown"];
  onClose: () => void;
}

/** Fills a reply in for a student who could not. */
export function FillInDialog({ classId, survey, onClose }: Props) {
  const students = useQuery(studentsQuery(classId)).data ?? [];
  const [student, setStudent] = useState("");
  const [ranked, setRanked] = useState<number[]>([]);
  const keep = useMutation({
    mutationFn: () =>
      api.PUT("/api/classes/{classId}/surveys/{surveyId}/replies/{studentId}", {
        params: { path: { classId, surveyId: survey.id, studentId: Number(student) } },
        body: { ranked },
      }),
    onSuccess: () => {
      queryClient.invalidateQueries({ queryKey: surveysQuery(classId).queryKey });
      onClose();
    },
  });
  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth>
      <DialogTitle>{words.fillIn.replace("…", "")}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2 }}>
        <TextField
          select
          label={words.student}
          value={student}
          onChange={(event) => setStudent(event.target.value)}
          sx={{ mt: 1 }}
        >
          {students.map((each) => (
            <MenuItem key={each.id} value={each.id}>
              {each.givenName} {each.familyName}
            </MenuItem>
          ))}
        </TextField>
        <RankFields options={survey.options} ranked={ranked} onChange={setRanked} />
        <Problem error={keep.error} />
        <Box sx={{ display: "flex", gap: 1 }}>
          <Button
            variant="contained"
            disabled={student === "" || ranked.length === 0}
            onClick={() => keep.mutate()}
          >
            {words.keep}
          </Button>
          <Button onClick={onClose}>{words.cancel}</Button>
        </Box>
      </DialogContent>
    </Dialog>
  );
}
