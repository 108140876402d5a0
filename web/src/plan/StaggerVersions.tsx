import Box from "@mui/material/Box";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import type { FormEvent } from "react";
import { api, data, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { asField } from "../shell/dates";
import { FormFoot } from "../shell/FormFoot";
import { useNotice } from "../shell/Notice";
import type { TaskView } from "./taskEdit";
import { words as weekWords } from "./week/words";
import { versionName, words } from "./words";

interface Props {
  task: TaskView;
  onUndo: (stepId: number) => void;
  onClose: () => void;
}

/** Lets the versions that somebody gets open one after the other. */
export function StaggerVersions({ task, onUndo, onClose }: Props) {
  const tell = useNotice();
  const given = task.versions.filter((version) =>
    task.students.some((student) => student.versionId === version.id),
  );
  const stagger = useMutation({
    mutationFn: (body: Schemas["StaggerVersions"]) =>
      data<Schemas["Moved"]>(
        api.POST("/api/tasks/{taskId}/stagger", { params: { path: { taskId: task.id } }, body }),
      ),
    onSuccess: ({ stepId }) => {
      queryClient.invalidateQueries({ queryKey: ["task", task.id] });
      tell(words.settings.staggered, stepId === undefined ? undefined : () => onUndo(stepId));
      onClose();
    },
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const fields = new FormData(event.currentTarget);
    stagger.mutate({
      versions: given.map((version) => version.id),
      first: `${fields.get("first")}:00`,
      step: Number(fields.get("step")),
    });
  };
  const few = given.length < 2 ? new Error(weekWords.staggering.need) : null;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="stagger-versions-title">
      <form onSubmit={submit}>
        <DialogTitle id="stagger-versions-title">{words.settings.staggerTitle}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 1.5 }}>
          <Box sx={{ color: "var(--z-soft)" }}>{words.settings.staggerAbout}</Box>
          <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
            {given.map((version) => (
              <li key={version.id}>{versionName(version)}</li>
            ))}
          </Box>
          <TextField
            type="datetime-local"
            name="first"
            required
            label={weekWords.staggering.first}
            defaultValue={asField(task.versions[0]?.opens)}
            slotProps={{ inputLabel: { shrink: true } }}
          />
          <TextField
            type="number"
            name="step"
            required
            label={weekWords.staggering.step}
            defaultValue={1}
            slotProps={{ htmlInput: { min: 1, max: 30 } }}
          />
          <FormFoot
            deed={{ error: few ?? stagger.error, isPending: few !== null || stagger.isPending }}
            words={{ keep: weekWords.staggering.go, cancel: words.cancel }}
            onCancel={onClose}
          />
        </DialogContent>
      </form>
    </Dialog>
  );
}
