import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../api/client";
import { myDeviceQuery } from "../api/myQueries";
import { queryClient } from "../api/queryClient";
import { useNotice } from "../shell/Notice";
import { Picture, pictures } from "./Picture";
import { words } from "./words";

/** Where the teacher allows it: a picture and a number by which the student comes back on this device. */
export default function MyDevice() {
  const mine = useQuery(myDeviceQuery).data;
  const [open, setOpen] = useState(false);
  if (!mine?.offered) {
    return null;
  }
  return (
    <>
      <Button variant="text" sx={{ fontSize: "0.88em" }} onClick={() => setOpen(true)}>
        {mine.picture === undefined ? words.comeBack : words.change}
      </Button>
      {open && <ChooseDialog chosen={mine.picture} taken={mine.taken} onClose={() => setOpen(false)} />}
    </>
  );
}

interface Props {
  chosen: number | undefined;
  taken: number[];
  onClose: () => void;
}

function ChooseDialog({ chosen, taken, onClose }: Props) {
  const tell = useNotice();
  const [picture, setPicture] = useState(chosen);
  const [pin, setPin] = useState("");
  const done = (sentence: string) => ({
    onSuccess: () => {
      queryClient.invalidateQueries({ queryKey: myDeviceQuery.queryKey });
      tell(sentence);
      onClose();
    },
  });
  const keep = useMutation({
    mutationFn: (which: number) => api.PUT("/api/my/device", { body: { picture: which, pin } }),
    ...done(words.kept),
  });
  const forget = useMutation({ mutationFn: () => api.DELETE("/api/my/device"), ...done(words.forgotten) });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="my-device">
      <DialogTitle id="my-device">{words.title}</DialogTitle>
      <DialogContent sx={{ fontSize: "var(--z-text)", display: "grid", gap: 2 }}>
        <Box>{words.about}</Box>
        <Box role="radiogroup" aria-label={words.title} sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
          {Array.from({ length: pictures }, (_, which) => (
            <Button
              key={which}
              role="radio"
              aria-checked={which === picture}
              aria-label={words.choose({ picture: words.pictures[which] ?? "" })}
              disabled={taken.includes(which)}
              onClick={() => setPicture(which)}
              sx={{
                minWidth: 64,
                p: 0.5,
                borderRadius: "12px",
                opacity: taken.includes(which) ? 0.3 : 1,
                "&&":
                  which === picture ? { bgcolor: "var(--z-aubergineWash)", borderColor: "var(--z-ink)" } : {},
              }}
            >
              <Picture which={which} size={44} />
            </Button>
          ))}
        </Box>
        <TextField
          label={words.pin}
          helperText={keep.error?.message ?? words.pinHelp}
          error={keep.isError}
          value={pin}
          onChange={(event) => setPin(event.target.value.replace(/\D/g, "").slice(0, 4))}
          autoComplete="off"
          sx={{ width: 240 }}
          slotProps={{ htmlInput: { inputMode: "numeric" } }}
        />
      </DialogContent>
      <DialogActions>
        {chosen !== undefined && <Button onClick={() => forget.mutate()}>{words.forget}</Button>}
        <Box sx={{ flex: 1 }} />
        <Button onClick={onClose}>{words.close}</Button>
        <Button
          variant="contained"
          disabled={picture === undefined || pin.length !== 4 || keep.isPending}
          onClick={() => picture !== undefined && keep.mutate(picture)}
        >
          {words.keep}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
