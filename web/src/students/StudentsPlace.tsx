import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { Link } from "react-router";
import { classesQuery, scoresQuery, studentsQuery } from "../api/queries";
import { Card, PlaceHead } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { Waiting } from "../shell/Waiting";
import { StudentPanel } from "./StudentPanel";
import { StudentTable } from "./StudentTable";
import { words } from "./words";

export default function StudentsPlace() {
  const { classId, includes } = useFocus();
  const students = useQuery(studentsQuery(classId)).data;
  const scores = useQuery(scoresQuery(classId)).data;
  const name = useQuery(classesQuery).data?.classes.find((each) => each.id === classId)?.name ?? "";
  const [find, setFind] = useState("");
  const [open, setOpen] = useState<number | null>(null);
  const shown = useMemo(
    () =>
      (students ?? []).filter(
        (each) =>
          includes(each.id) &&
          `${each.givenName} ${each.familyName}`.toLowerCase().includes(find.trim().toLowerCase()),
      ),
    [students, includes, find],
  );
  if (!students || !scores) {
    return <Waiting />;
  }
  const opened = students.find((each) => each.id === open);
  return (
    <>
      <PlaceHead title={name} about={words.students(students.length)}>
        <TextField
          placeholder={words.find}
          value={find}
          onChange={(event) => setFind(event.target.value)}
          slotProps={{ htmlInput: { "aria-label": words.find } }}
          sx={{ width: 160, "& input": { py: 0.6 } }}
        />
        {shown.length !== students.length && (
          <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{words.shown(shown.length)}</Box>
        )}
        <Button component={Link} to={`/classes/${classId}/bring-in`} variant="contained">
          {words.bringIn}
        </Button>
      </PlaceHead>
      <Box sx={{ display: "flex", gap: 1.5, alignItems: "start" }}>
        <Card sx={{ flex: 1, minWidth: 0, overflowX: "auto" }}>
          {shown.length > 0 ? (
            <StudentTable students={shown} scores={scores} open={open} onOpen={setOpen} />
          ) : (
            <Box sx={{ p: 3 }}>{students.length === 0 ? words.nobody : words.nobodyShown}</Box>
          )}
        </Card>
        {opened && <StudentPanel key={opened.id} student={opened} onClose={() => setOpen(null)} />}
      </Box>
    </>
  );
}
