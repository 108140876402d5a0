import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { fileBody } from "../api/cornerQueries";
import { queryClient } from "../api/queryClient";
import { asField } from "../shell/dates";
import { FormFoot } from "../shell/FormFoot";
import { useFocus } from "../shell/focus";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

interface Props {
  corners: Schemas["CornerCard"][];
  chosen: number[];
  /** The one that is corrected; absent for a new one. */
  notice?: Schemas["NoticeShown"];
  onClose: () => void;
}

/** Says something to one corner, to several, or to everybody. */
export function NoticeDialog({ corners, chosen, notice, onClose }: Props) {
  const { classId } = useFocus();
  const tell = useNotice();
  const [text, setText] = useState(notice?.text ?? "");
  const [link, setLink] = useState(notice?.link ?? "");
  const [everyone, setEveryone] = useState(notice?.everyone ?? corners.length === 0);
  const [places, setPlaces] = useState<readonly number[]>(chosen);
  const [from, setFrom] = useState(notice?.waits ? asField(notice.showFrom) : "");
  const [files, setFiles] = useState<readonly File[]>([]);
  const keep = useMutation({
    mutationFn: async () => {
      const body = {
        text,
        link,
        everyone,
        corners: [...places],
        showFrom: from || (notice && !notice.waits ? notice.showFrom : undefined),
        version: notice?.version ?? 0,
      };
      let id = notice?.id;
      if (id === undefined) {
        const made = data<Schemas["CornerMade"]>(
          api.POST("/api/classes/{classId}/notices", { params: { path: { classId } }, body }),
        );
        id = (await made).id;
      } else {
        await api.PUT("/api/notices/{noticeId}", { params: { path: { noticeId: id } }, body });
      }
      for (const file of files) {
        await api.POST("/api/notices/{noticeId}/files", {
          params: { path: { noticeId: id } },
          ...fileBody(file),
        });
      }
    },
    onSuccess: () => {
      tell(notice ? words.corrected : words.said);
      onClose();
    },
    onSettled: () => queryClient.invalidateQueries({ queryKey: ["class", classId, "corners"] }),
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    keep.mutate();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="notice-title">
      <form onSubmit={submit}>
        <DialogTitle id="notice-title">{notice ? words.correctTitle : words.newNotice}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 1.75 }}>
          {notice && <Box sx={{ color: "var(--z-soft)" }}>{words.correctAbout}</Box>}
          <TextField
            label={words.noticeText}
            value={text}
            onChange={(event) => setText(event.target.value)}
            multiline
            minRows={3}
            required
            autoFocus
            sx={{ mt: 1 }}
            slotProps={{ htmlInput: { maxLength: 8000 } }}
          />
          <TextField label={words.link} value={link} onChange={(event) => setLink(event.target.value)} />
          <Box role="group" aria-label={words.forWhom}>
            <Box sx={{ color: "var(--z-soft)", fontSize: 13 }}>{words.forWhom}</Box>
            <Choice label={words.everyone} on={everyone} onSet={setEveryone} />
            {corners.map((corner) => (
              <Choice
                key={corner.id}
                label={corner.group}
                on={everyone || places.includes(corner.id)}
                disabled={everyone}
                onSet={(on) =>
                  setPlaces(on ? [...places, corner.id] : places.filter((each) => each !== corner.id))
                }
              />
            ))}
          </Box>
          <TextField
            type="datetime-local"
            label={words.from}
            value={from}
            onChange={(event) => setFrom(event.target.value)}
            slotProps={{ inputLabel: { shrink: true } }}
          />
          <Box component="label" sx={{ display: "grid", gap: 0.5, color: "var(--z-soft)", fontSize: 13 }}>
            {words.files}
            <input type="file" multiple onChange={(event) => setFiles([...(event.target.files ?? [])])} />
          </Box>
          <FormFoot
            deed={keep}
            words={{ keep: notice ? words.keep : words.say, cancel: words.cancel }}
            onCancel={onClose}
          />
        </DialogContent>
      </form>
    </Dialog>
  );
}

interface ChoiceProps {
  label: string;
  on: boolean;
  disabled?: boolean;
  onSet: (on: boolean) => void;
}

function Choice({ label, on, disabled, onSet }: ChoiceProps) {
  return (
    <FormControlLabel
      control={<Checkbox checked={on} disabled={disabled} onChange={(_, now) => onSet(now)} />}
      label={label}
    />
  );
}
