import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import type { FormEvent } from "react";
import { api, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { FormFoot } from "../shell/FormFoot";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

interface Props {
  /** Whose password is set anew; absent for a new account. */
  adult?: Schemas["AdultShown"];
  onClose: () => void;
}

/** Makes an account, or gives one a new password. */
export function AdultDialog({ adult, onClose }: Props) {
  const tell = useNotice();
  const keep = useMutation({
    mutationFn: async (fields: FormData) => {
      const text = (name: string) => String(fields.get(name) ?? "").trim();
      const password = String(fields.get("password") ?? "");
      if (adult) {
        await api.POST("/api/school/adults/{adultId}/password", {
          params: { path: { adultId: adult.id } },
          body: { password },
        });
      } else {
        const administrator = fields.get("administrator") !== null;
        await api.POST("/api/school/adults", {
          body: { name: text("name"), displayName: text("displayName"), password, administrator },
        });
      }
    },
    onSuccess: () => {
      queryClient.invalidateQueries({ queryKey: ["school"] });
      tell(adult ? words.resetDone({ name: adult.displayName }) : words.kept);
      onClose();
    },
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    keep.mutate(new FormData(event.currentTarget));
  };
  return (
    <Dialog open onClose={onClose}>
      <DialogTitle>{adult ? adult.displayName : words.newAdult}</DialogTitle>
      <DialogContent>
        <Box component="form" onSubmit={submit} sx={{ display: "grid", gap: 1.75, pt: 1, width: 380 }}>
          {!adult && (
            <>
              <TextField name="displayName" label={words.displayName} required autoFocus />
              <TextField name="name" label={words.adultName} required autoComplete="off" />
            </>
          )}
          <TextField
            name="password"
            type="password"
            label={words.password}
            helperText={words.passwordHelp}
            required
            autoComplete="new-password"
          />
          {!adult && (
            <FormControlLabel control={<Checkbox name="administrator" />} label={words.administrator} />
          )}
          <FormFoot deed={keep} words={words} onCancel={onClose} />
        </Box>
      </DialogContent>
    </Dialog>
  );
}
