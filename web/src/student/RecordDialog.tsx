import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../api/client";
import { studentQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

interface Props {
  studentId: number;
  onClose: () => void;
  onErased: () => void;
}

/** What a family may ask for: everything that is known, and that it be removed. */
export function RecordDialog({ studentId, onClose, onErased }: Props) {
  const tell = useNotice();
  const sheet = useQuery(studentQuery(studentId)).data;
  const [typed, setTyped] = useState("");
  const erase = useMutation({
    mutationFn: () =>
      api.POST("/api/students/{studentId}/erase", {
        params: { path: { studentId } },
        body: { name: typed },
      }),
    onSuccess: () => {
      queryClient.removeQueries({ queryKey: ["student", studentId] });
      queryClient.invalidateQueries({ queryKey: ["class"] });
      tell(words.erased({ name: typed }));
      onErased();
    },
  });
  if (!sheet) {
    return null;
  }
  const name = `${sheet.facts.givenName} ${sheet.facts.familyName}`.trim();
  return (
    <Dialog open onClose={onClose}>
      <DialogTitle>{words.recordTitle({ name })}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2 }}>
        <Box>{words.recordHelp}</Box>
        <Box>
          <Button
            component="a"
            href={`/api/students/${studentId}/record`}
            download={`${name}.json`}
            variant="contained"
          >
            {words.download}
          </Button>
        </Box>
        <Box sx={{ display: "flex", gap: 1, alignItems: "start" }}>
          <TextField
            label={words.eraseName({ name })}
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            error={erase.isError}
            helperText={erase.error?.message}
            sx={{ flex: 1 }}
          />
          <Button disabled={typed !== name || erase.isPending} onClick={() => erase.mutate()}>
            {words.erase}
          </Button>
          <Button onClick={onClose}>{words.cancel}</Button>
        </Box>
      </DialogContent>
    </Dialog>
  );
}
