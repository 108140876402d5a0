import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { Card } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

interface Props {
  student: Schemas["StudentRow"];
  onClose: () => void;
}

const factors = [1.1, 1.25, 1.5, 1.75, 2, 2.5, 3, 4];

/** One student at the side: the entry code, and what they need when it comes to time. */
export function StudentPanel({ student, onClose }: Props) {
  return (
    <Card
      component="aside"
      aria-label={student.givenName}
      sx={{ width: 290, p: 2, display: "grid", gap: 1.5, flex: "none" }}
    >
      <Box sx={{ display: "flex", alignItems: "baseline", justifyContent: "space-between" }}>
        <Box component="h2" sx={{ fontSize: 18 }}>
          {student.givenName} {student.familyName}
        </Box>
        <Button variant="text" onClick={onClose}>
          {words.close}
        </Button>
      </Box>
      <EntryCode student={student} />
      <Needs student={student} />
    </Card>
  );
}

function EntryCode({ student }: { student: Schemas["StudentRow"] }) {
  const { classId } = useFocus();
  const tell = useNotice();
  const renew = useMutation({
    mutationFn: () =>
      api.POST("/api/classes/{classId}/students/{studentId}/entry-code", {
        params: { path: { classId, studentId: student.id } },
      }),
    onSuccess: () => {
      queryClient.invalidateQueries({ queryKey: ["class", classId, "students"] });
      tell(words.newCodeDone);
    },
  });
  const code = `${student.entryCode.slice(0, 4)}-${student.entryCode.slice(4)}`;
  return (
    <Box sx={{ display: "flex", alignItems: "center", gap: 1.5 }}>
      <Box component="span" sx={{ color: "var(--z-soft)" }}>
        {words.code}
      </Box>
      <b>{code}</b>
      <Button variant="text" onClick={() => renew.mutate()} disabled={renew.isPending}>
        {words.newCode}
      </Button>
    </Box>
  );
}

function Needs({ student }: { student: Schemas["StudentRow"] }) {
  const { classId } = useFocus();
  const tell = useNotice();
  const [time, setTime] = useState(
    student.needs?.untimed ? "untimed" : String(student.needs?.timeFactor ?? ""),
  );
  const [extraDays, setExtraDays] = useState(student.needs?.extraDays ?? 0);
  const keep = useMutation({
    mutationFn: () =>
      api.PUT("/api/classes/{classId}/students/{studentId}/needs", {
        params: { path: { classId, studentId: student.id } },
        body: {
          timeFactor: time === "" || time === "untimed" ? undefined : Number(time),
          untimed: time === "untimed",
          extraDays,
        },
      }),
    onSuccess: () => {
      queryClient.invalidateQueries({ queryKey: ["class", classId] });
      tell(words.needsKept(student.givenName));
    },
    onError: (error) => tell(error.message),
  });
  return (
    <>
      <TextField
        select
        label={words.timeNeed}
        value={time}
        onChange={(event) => setTime(event.target.value)}
        slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
      >
        <MenuItem value="">{words.noFactor}</MenuItem>
        {factors.map((factor) => (
          <MenuItem key={factor} value={String(factor)}>
            {factor}× {words.factor}
          </MenuItem>
        ))}
        <MenuItem value="untimed">{words.untimed}</MenuItem>
      </TextField>
      <TextField
        type="number"
        label={words.extraDays}
        value={extraDays}
        onChange={(event) => setExtraDays(Math.max(0, Math.min(30, Number(event.target.value))))}
      />
      <Button onClick={() => keep.mutate()} disabled={keep.isPending}>
        {words.keepNeeds}
      </Button>
    </>
  );
}
