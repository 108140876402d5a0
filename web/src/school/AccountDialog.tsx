import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { FormFoot, Problem } from "../shell/FormFoot";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

interface Props {
  adult: Schemas["AdultShown"];
  onClose: () => void;
}

/** What an adult looks after besides their classes, and closing their account. */
export function AccountDialog({ adult, onClose }: Props) {
  const tell = useNotice();
  const params = { path: { adultId: adult.id } };
  const [rights, setRights] = useState({
    administrator: adult.administrator,
    keepsShared: adult.keepsShared,
  });
  const done = (said: string) => {
    queryClient.invalidateQueries({ queryKey: ["school"] });
    tell(said);
    onClose();
  };
  const keep = useMutation({
    mutationFn: () => api.PUT("/api/school/adults/{adultId}/rights", { params, body: rights }),
    onSuccess: () => done(words.kept),
  });
  const close = useMutation({
    mutationFn: (closed: boolean) =>
      api.PUT("/api/school/adults/{adultId}/closed", { params, body: { closed } }),
    onSuccess: (_, closed) =>
      done(
        closed
          ? words.accountClosed({ name: adult.displayName })
          : words.accountOpened({ name: adult.displayName }),
      ),
  });
  const box = (right: keyof typeof rights) => (
    <FormControlLabel
      control={
        <Checkbox
          checked={rights[right]}
          onChange={(event) => setRights({ ...rights, [right]: event.target.checked })}
        />
      }
      label={words[right]}
    />
  );
  return (
    <Dialog open onClose={onClose}>
      <DialogTitle>{words.accountOf({ name: adult.displayName })}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, maxWidth: 480 }}>
        <Box
          component="form"
          onSubmit={(event) => {
            event.preventDefault();
            keep.mutate();
          }}
          sx={{ display: "grid", gap: 1 }}
        >
          {box("administrator")}
          {box("keepsShared")}
          <FormFoot deed={keep} words={words} onCancel={onClose} />
        </Box>
        <Box sx={{ borderTop: "1px solid var(--z-line)", pt: 2, display: "grid", gap: 1 }}>
          {!adult.closed && <Box>{words.closeHelp}</Box>}
          <Box>
            <Button disabled={close.isPending} onClick={() => close.mutate(!adult.closed)}>
              {adult.closed ? words.openAccount : words.closeAccount}
            </Button>
          </Box>
          <Problem error={close.error} />
        </Box>
      </DialogContent>
    </Dialog>
  );
}
