import Box from "@mui/material/Box";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import type { FormEvent } from "react";
import { api } from "../api/client";
import { FormFoot } from "../shell/FormFoot";
import { Day } from "./GrantDialog";
import { refreshNeeds } from "./refreshNeeds";
import { words } from "./words";

/** Notes a plan that accommodations can rest on. */
export function PlanDialog({ studentId, onClose }: { studentId: number; onClose: () => void }) {
  const add = useMutation({
    mutationFn: (fields: FormData) => {
      const text = (name: string) => String(fields.get(name) ?? "").trim();
      return api.POST("/api/students/{studentId}/plans", {
        params: { path: { studentId } },
        body: {
          kind: text("kind"),
          source: text("source"),
          from: text("from") || undefined,
          to: text("to") || undefined,
        },
      });
    },
    onSuccess: () => {
      refreshNeeds();
      onClose();
    },
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    add.mutate(new FormData(event.currentTarget));
  };
  return (
    <Dialog open onClose={onClose}>
      <DialogTitle>{words.addPlan.replace("…", "")}</DialogTitle>
      <DialogContent>
        <Box component="form" onSubmit={submit} sx={{ display: "grid", gap: 1.75, pt: 1, width: 360 }}>
          <TextField name="kind" label={words.planKind} required autoFocus />
          <TextField name="source" label={words.source} />
          <Box sx={{ display: "flex", gap: 1.5 }}>
            <Day name="from" label={words.fromDay} />
            <Day name="to" label={words.toDay} />
          </Box>
          <FormFoot deed={add} words={words} onCancel={onClose} />
        </Box>
      </DialogContent>
    </Dialog>
  );
}
