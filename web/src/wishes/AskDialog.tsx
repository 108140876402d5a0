import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../api/client";
import { surveysQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { Problem } from "../shell/FormFoot";
import { words } from "./words";

/** Writes a question with its answers. */
export function AskDialog({ classId, onClose }: { classId: number; onClose: () => void }) {
  const [question, setQuestion] = useState("");
  const [options, setOptions] = useState("");
  const list = options
    .split("\n")
    .map((each) => each.trim())
    .filter(Boolean);
  const ask = useMutation({
    mutationFn: () =>
      api.POST("/api/classes/{classId}/surveys", {
        params: { path: { classId } },
        body: { question, options: list },
      }),
    onSuccess: () => {
      queryClient.invalidateQueries({ queryKey: surveysQuery(classId).queryKey });
      onClose();
    },
  });
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth>
      <DialogTitle>{words.ask.replace("…", "")}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2 }}>
        <TextField
          autoFocus
          label={words.question}
          placeholder={words.questionExample}
          value={question}
          onChange={(event) => setQuestion(event.target.value)}
          sx={{ mt: 1 }}
        />
        <TextField
          multiline
          minRows={4}
          label={words.options}
          helperText={words.optionsHelp}
          value={options}
          onChange={(event) => setOptions(event.target.value)}
        />
        <Problem error={ask.error} />
        <Box sx={{ display: "flex", gap: 1 }}>
          <Button
            variant="contained"
            disabled={question.trim() === "" || list.length < 2 || ask.isPending}
            onClick={() => ask.mutate()}
          >
            {words.send}
          </Button>
          <Button onClick={onClose}>{words.cancel}</Button>
        </Box>
      </DialogContent>
    </Dialog>
  );
}
