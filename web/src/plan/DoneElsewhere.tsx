import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { Card } from "../shell/Card";
import { useNotice } from "../shell/Notice";
import type { TaskView } from "./taskEdit";
import { words } from "./words";

/** Work that is not answered on the screen: ticked by the teacher, or handed in as text and files. */
export function DoneElsewhere({ task }: { task: TaskView }) {
  if (task.state !== "HANDED_OUT" || task.way === "ON_SCREEN") {
    return null;
  }
  return task.way === "OFF_SCREEN" ? <Ticks task={task} /> : <HandedIn task={task} />;
}

function Ticks({ task }: { task: TaskView }) {
  const tell = useNotice();
  const tick = useMutation({
    mutationFn: (body: Schemas["Ticked"]) =>
      api.POST("/api/tasks/{taskId}/ticks", { params: { path: { taskId: task.id } }, body }),
    onSettled: () => {
      queryClient.invalidateQueries({ queryKey: ["task", task.id] });
      queryClient.invalidateQueries({ queryKey: ["class"] });
    },
    onError: (error) => tell(error.message),
  });
  return (
    <Card component="section" aria-label={words.ticks.title} sx={{ p: 1.5, mb: 1.25 }}>
      <Box component="h2" sx={{ fontSize: 14, display: "inline" }}>
        {words.ticks.title}
      </Box>{" "}
      <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
        {words.ticks.about}
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(130px, 1fr))" }}>
        {task.students
          .filter((student) => student.gets === "ONE")
          .map((student) => (
            <FormControlLabel
              key={student.id}
              label={student.givenName}
              control={
                <Checkbox
                  size="small"
                  checked={student.work === "HANDED_IN"}
                  disabled={!task.mayChange || tick.isPending}
                  onChange={(event) => tick.mutate({ students: [student.id], done: event.target.checked })}
                />
              }
            />
          ))}
      </Box>
    </Card>
  );
}

function HandedIn({ task }: { task: TaskView }) {
  const [open, setOpen] = useState<Schemas["Recipient"] | null>(null);
  const begun = task.students.filter((student) => student.lastTryId !== undefined);
  return (
    <Card component="section" aria-label={words.handed.title} sx={{ p: 1.5, mb: 1.25 }}>
      <Box component="h2" sx={{ fontSize: 14 }}>
        {words.handed.title}
      </Box>
      {begun.length === 0 && <Box sx={{ color: "var(--z-soft)" }}>{words.handed.none}</Box>}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.75, mt: 0.5 }}>
        {begun.map((student) => (
          <Button
            key={student.id}
            size="small"
            aria-label={words.handed.open({ name: student.givenName })}
            onClick={() => setOpen(student)}
          >
            {student.work === "HANDED_IN" && "✓ "}
            {student.givenName}
          </Button>
        ))}
      </Box>
      {open?.lastTryId !== undefined && (
        <HandedDialog tryId={open.lastTryId} name={open.givenName} onClose={() => setOpen(null)} />
      )}
    </Card>
  );
}

function HandedDialog({ tryId, name, onClose }: { tryId: number; name: string; onClose: () => void }) {
  const handed = useQuery({
    queryKey: ["handed", tryId],
    staleTime: 0,
    queryFn: () => data(api.GET("/api/tries/{tryId}/handed", { params: { path: { tryId } } })),
  }).data;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="handed-title">
      <DialogTitle id="handed-title">{words.handed.open({ name })}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 1 }}>
        {handed?.running && <Box sx={{ color: "var(--z-soft)" }}>{words.handed.running}</Box>}
        <Box sx={{ whiteSpace: "pre-wrap" }}>{handed?.written || words.handed.noText}</Box>
        {handed?.files.map((file) => (
          <a key={file.id} href={`/api/tries/${tryId}/files/${file.id}`}>
            {file.name}
          </a>
        ))}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{words.cancel}</Button>
      </DialogActions>
    </Dialog>
  );
}
