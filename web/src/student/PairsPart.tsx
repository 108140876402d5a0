import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../api/client";
import { pairNotesQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { useFocus } from "../shell/focus";
import { useNotice } from "../shell/Notice";
import { Part } from "./Part";
import { words } from "./words";

type Kind = Schemas["PairNoteShown"]["kind"];

interface Props {
  student: Schemas["StudentShown"];
  others: Schemas["StudentShown"][];
  mayChange: boolean;
}

/** With whom a student must, should or should not work. */
export function PairsPart({ student, others, mayChange }: Props) {
  const { classId } = useFocus();
  const tell = useNotice();
  const [adding, setAdding] = useState(false);
  const notes = (useQuery(pairNotesQuery(classId)).data ?? []).filter(
    (each) => each.oneId === student.id || each.otherId === student.id,
  );
  const refresh = () => queryClient.invalidateQueries({ queryKey: pairNotesQuery(classId).queryKey });
  const forget = useMutation({
    mutationFn: (pairNoteId: number) =>
      api.DELETE("/api/classes/{classId}/pair-notes/{pairNoteId}", {
        params: { path: { classId, pairNoteId } },
      }),
    onSuccess: refresh,
    onError: (error) => tell(error.message),
  });
  const nameOf = (id: number) => others.find((each) => each.id === id)?.givenName ?? "…";
  return (
    <Part title={words.pairs}>
      {notes.map((note) => {
        const other = nameOf(note.oneId === student.id ? note.otherId : note.oneId);
        return (
          <Box key={note.id} sx={{ display: "flex", alignItems: "baseline" }}>
            <Box sx={{ flex: 1 }}>
              <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
                {words.pairKinds[note.kind]}
              </Box>{" "}
              {other}
            </Box>
            {mayChange && (
              <Button
                variant="text"
                size="small"
                aria-label={words.forgetPair({ name: other })}
                onClick={() => forget.mutate(note.id)}
              >
                ✕
              </Button>
            )}
          </Box>
        );
      })}
      {mayChange && !adding && (
        <Box>
          <Button onClick={() => setAdding(true)}>{words.addPair}</Button>
        </Box>
      )}
      {adding && (
        <NewPair
          student={student}
          others={others}
          onDone={() => {
            setAdding(false);
            refresh();
          }}
        />
      )}
    </Part>
  );
}

function NewPair({ student, others, onDone }: Omit<Props, "mayChange"> & { onDone: () => void }) {
  const { classId } = useFocus();
  const tell = useNotice();
  const [other, setOther] = useState("");
  const [kind, setKind] = useState<Kind>("WORKS_WELL");
  const keep = useMutation({
    mutationFn: () =>
      api.PUT("/api/classes/{classId}/pair-notes", {
        params: { path: { classId } },
        body: { oneId: student.id, otherId: Number(other), kind, weight: 1 },
      }),
    onSuccess: onDone,
    onError: (error) => tell(error.message),
  });
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <TextField
        select
        label={words.pairKind}
        value={kind}
        onChange={(event) => setKind(event.target.value as Kind)}
      >
        {(Object.keys(words.pairKinds) as Kind[]).map((each) => (
          <MenuItem key={each} value={each}>
            {words.pairKinds[each]}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        select
        label={words.pairWith}
        value={other}
        onChange={(event) => setOther(event.target.value)}
      >
        {others
          .filter((each) => each.id !== student.id)
          .map((each) => (
            <MenuItem key={each.id} value={each.id}>
              {each.givenName} {each.familyName}
            </MenuItem>
          ))}
      </TextField>
      <Box sx={{ display: "flex", gap: 1 }}>
        <Button disabled={other === "" || keep.isPending} onClick={() => keep.mutate()}>
          {words.keep}
        </Button>
        <Button onClick={onDone}>{words.cancel}</Button>
      </Box>
    </Box>
  );
}
