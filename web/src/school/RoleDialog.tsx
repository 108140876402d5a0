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
import { schoolClassesQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { RoleField } from "../sharing/RoleField";
import { Problem } from "../shell/FormFoot";
import type { Role } from "../shell/role";
import { words } from "./words";

/** Makes an adult something to a class. */
export function RoleDialog({ adult, onClose }: { adult: Schemas["AdultShown"]; onClose: () => void }) {
  const classes = useQuery(schoolClassesQuery).data ?? [];
  const [classId, setClassId] = useState("");
  const [role, setRole] = useState<Role>("CO_TEACHER");
  const give = useMutation({
    mutationFn: () =>
      api.PUT("/api/classes/{classId}/adults/{adultId}", {
        params: { path: { classId: Number(classId), adultId: adult.id } },
        body: { role },
      }),
    onSuccess: () => {
      queryClient.invalidateQueries({ queryKey: ["school"] });
      queryClient.invalidateQueries({ queryKey: ["classes"] });
      onClose();
    },
  });
  return (
    <Dialog open onClose={onClose}>
      <DialogTitle>{adult.displayName}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, width: 360 }}>
        <TextField
          select
          label={words.classLabel}
          value={classId}
          onChange={(event) => setClassId(event.target.value)}
          sx={{ mt: 1 }}
        >
          {classes.map((each) => (
            <MenuItem key={each.id} value={each.id}>
              {each.name}
            </MenuItem>
          ))}
        </TextField>
        <RoleField role={role} onRole={setRole} />
        <Problem error={give.error} />
        <Box sx={{ display: "flex", gap: 1 }}>
          <Button variant="contained" disabled={classId === ""} onClick={() => give.mutate()}>
            {words.keep}
          </Button>
          <Button onClick={onClose}>{words.cancel}</Button>
        </Box>
      </DialogContent>
    </Dialog>
  );
}
