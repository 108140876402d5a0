import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { schoolClassesQuery } from "../api/queries";
import { FormFoot } from "../shell/FormFoot";
import { useNotice } from "../shell/Notice";
import type { Role } from "../shell/role";
import { inviteWords as words } from "./inviteWords";
import { RoleField } from "./RoleField";
import { sharingChanged } from "./sharingQueries";

interface Props {
  /** The class that is meant; absent where it is to be chosen. */
  classId?: number;
  onClose: () => void;
}

/** Asks somebody by mail to work in a class. */
export function InviteDialog({ classId: of, onClose }: Props) {
  const classes = useQuery(schoolClassesQuery).data ?? [];
  const tell = useNotice();
  const [email, setEmail] = useState("");
  const [classId, setClassId] = useState(of === undefined ? "" : String(of));
  const [role, setRole] = useState<Role>("CO_TEACHER");
  const params = { path: { classId: Number(classId) } };
  const takeBack = useMutation({
    mutationFn: (invitationId: number) =>
      api.DELETE("/api/classes/{classId}/invitations/{invitationId}", {
        params: { path: { ...params.path, invitationId } },
      }),
    onSuccess: () => {
      sharingChanged(Number(classId));
      tell(words.takenBack({ email }));
    },
    onError: (error) => tell(error.message),
  });
  const invite = useMutation({
    mutationFn: () =>
      data<Schemas["InvitationMade"]>(
        api.POST("/api/classes/{classId}/invitations", { params, body: { email, role } }),
      ),
    onSuccess: ({ id }) => {
      sharingChanged(Number(classId));
      tell(words.sent({ email }), () => takeBack.mutate(id));
      onClose();
    },
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    invite.mutate();
  };
  return (
    <Dialog open onClose={onClose} aria-labelledby="invite-title">
      <form onSubmit={submit}>
        <DialogTitle id="invite-title">{words.title}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 2, width: 380, maxWidth: "100%" }}>
          <TextField
            type="email"
            label={words.email}
            value={email}
            onChange={(event) => setEmail(event.target.value)}
            required
            autoFocus
            sx={{ mt: 1 }}
          />
          {of === undefined && (
            <TextField
              select
              required
              label={words.classLabel}
              value={classId}
              onChange={(event) => setClassId(event.target.value)}
            >
              {classes.map((each) => (
                <MenuItem key={each.id} value={each.id}>
                  {each.name}
                </MenuItem>
              ))}
            </TextField>
          )}
          <RoleField role={role} onRole={setRole} />
          <FormFoot deed={invite} words={words} onCancel={onClose} />
        </DialogContent>
      </form>
    </Dialog>
  );
}
