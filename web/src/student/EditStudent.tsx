import Box from "@mui/material/Box";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import type { FormEvent } from "react";
import { ApiProblem, api, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { FormFoot } from "../shell/FormFoot";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

const fields = [
  "givenName",
  "familyName",
  "preferredName",
  "grade",
  "homeClass",
  "studentNumber",
  "language",
] as const;

/** Changes what is written down about a student. */
export function EditStudent({ sheet, onClose }: { sheet: Schemas["StudentSheet"]; onClose: () => void }) {
  const tell = useNotice();
  const refresh = () => {
    queryClient.invalidateQueries({ queryKey: ["student", sheet.id] });
    queryClient.invalidateQueries({ queryKey: ["class"] });
  };
  const keep = useMutation({
    mutationFn: (body: Schemas["StudentEdit"]) =>
      api.PUT("/api/students/{studentId}", { params: { path: { studentId: sheet.id } }, body }),
    onSuccess: () => {
      refresh();
      tell(words.kept);
      onClose();
    },
    onError: (error) => {
      if (error instanceof ApiProblem && error.code === "changed-meanwhile") {
        refresh();
      }
    },
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    keep.mutate(edited(sheet, new FormData(event.currentTarget)));
  };
  return (
    <Dialog open onClose={onClose}>
      <DialogTitle>{words.edit.replace("…", "")}</DialogTitle>
      <DialogContent>
        <Box
          component="form"
          onSubmit={submit}
          sx={{ display: "grid", gap: 1.75, pt: 1, width: 460, gridTemplateColumns: "1fr 1fr" }}
        >
          {fields.map((field) => (
            <TextField
              key={field}
              name={field}
              label={words.fields[field]}
              defaultValue={sheet.facts[field]}
              required={field === "givenName"}
              type={field === "grade" ? "number" : "text"}
            />
          ))}
          <TextField
            name="tags"
            label={words.tags}
            helperText={words.tagsHelp}
            defaultValue={sheet.tags.join(", ")}
          />
          <FormFoot deed={keep} words={words} onCancel={onClose} />
        </Box>
      </DialogContent>
    </Dialog>
  );
}

function edited(sheet: Schemas["StudentSheet"], typed: FormData): Schemas["StudentEdit"] {
  const text = (name: string) => String(typed.get(name) ?? "").trim();
  return {
    version: sheet.version,
    facts: {
      givenName: text("givenName"),
      familyName: text("familyName"),
      preferredName: text("preferredName"),
      grade: Number(text("grade")),
      homeClass: text("homeClass"),
      studentNumber: text("studentNumber"),
      language: text("language"),
    },
    tags: text("tags")
      .split(",")
      .map((tag) => tag.trim())
      .filter(Boolean),
  };
}
