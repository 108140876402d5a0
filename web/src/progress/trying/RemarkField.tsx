import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, data, type Schemas } from "../../api/client";
import { useNotice } from "../../shell/Notice";
import { tryWords as words } from "./tryWords";

type Shown = Schemas["TryForTeacher"];

/** A word to the student, kept until the work is given back with it. */
export function RemarkField({ shown, onShown }: { shown: Shown; onShown: (now: Shown) => void }) {
  const tell = useNotice();
  const [text, setText] = useState(shown.remark);
  const keep = useMutation({
    mutationFn: (wanted: { text: string; returned: boolean }) =>
      data<Shown>(
        api.PUT("/api/tries/{tryId}/remark", { params: { path: { tryId: shown.id } }, body: wanted }),
      ),
    onSuccess: (now, { returned }) => {
      const before = { text: shown.remark, returned: shown.returned };
      onShown(now);
      setText(now.remark);
      tell(returned ? words.givenBack({ name: shown.givenName }) : words.kept, () => keep.mutate(before));
    },
    onError: (error) => tell(error.message),
  });
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <TextField
        multiline
        minRows={2}
        label={words.remark}
        helperText={words.remarkAbout}
        value={text}
        onChange={(event) => setText(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 4000 } }}
      />
      <Box sx={{ display: "flex", gap: 1, justifyContent: "end" }}>
        <Button disabled={keep.isPending} onClick={() => keep.mutate({ text, returned: false })}>
          {shown.returned ? words.takeBack : words.keep}
        </Button>
        <Button
          variant="contained"
          disabled={keep.isPending || shown.running}
          onClick={() => keep.mutate({ text, returned: true })}
        >
          {words.giveBack}
        </Button>
      </Box>
    </Box>
  );
}
