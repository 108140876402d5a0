import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { FormFoot } from "../shell/FormFoot";
import type { Role } from "../shell/role";
import { RoleField } from "./RoleField";
import { colleaguesQuery } from "./sharingQueries";
import { useSharing } from "./useSharing";
import { words } from "./words";

interface Props {
  classId: number;
  /** Who works in the class already. */
  here: number[];
  onClose: () => void;
}

/** Gives the class to somebody who has an account. */
export function ColleagueDialog({ classId, here, onClose }: Props) {
  const others = (useQuery(colleaguesQuery).data ?? []).filter((each) => !here.includes(each.id));
  const [adultId, setAdultId] = useState("");
  const [role, setRole] = useState<Role>("CO_TEACHER");
  const { give } = useSharing(classId);
  const adult = others.find((each) => each.id === Number(adultId));
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (adult) {
      give.mutate({ adult, role, before: undefined }, { onSuccess: onClose });
    }
  };
  return (
    <Dialog open onClose={onClose} aria-labelledby="colleague-title">
      <form onSubmit={submit}>
        <DialogTitle id="colleague-title">{words.addTitle}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 2, width: 380, maxWidth: "100%" }}>
          <TextField
            select
            required
            label={words.adult}
            value={adultId}
            onChange={(event) => setAdultId(event.target.value)}
            sx={{ mt: 1 }}
          >
            {others.map((each) => (
              <MenuItem key={each.id} value={each.id}>
                {each.displayName}
              </MenuItem>
            ))}
          </TextField>
          <RoleField role={role} onRole={setRole} />
          <FormFoot deed={give} words={words} onCancel={onClose} />
        </DialogContent>
      </form>
    </Dialog>
  );
}
