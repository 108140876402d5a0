import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useMutation, useQuery } from "@tanstack/react-query";
import { api, data, type Schemas } from "../../api/client";
import { reviewQuery } from "../../api/queries";
import { queryClient } from "../../api/queryClient";
import { dayAndTime } from "../../shell/dates";
import { useFocus } from "../../shell/focus";
import { useNotice } from "../../shell/Notice";
import { LateAnswers } from "./LateAnswers";
import { RemarkField } from "./RemarkField";
import { TryAnswers } from "./TryAnswers";
import { tryWords as words } from "./tryWords";

type Shown = Schemas["TryForTeacher"];

/** One student's try: where it stands, what was answered, what came late, minutes to add, a word to say. */
export function TryDialog({ tryId, onClose }: { tryId: number; onClose: () => void }) {
  const { classId } = useFocus();
  const shown = useQuery(reviewQuery(classId, tryId)).data;
  if (!shown) {
    return null;
  }
  const onShown = (now: Shown) => {
    queryClient.setQueryData(reviewQuery(classId, tryId).queryKey, now);
    queryClient.invalidateQueries({ queryKey: ["class", classId, "progress"] });
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="try-title">
      <DialogTitle id="try-title">{words.title(shown)}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2 }}>
        <Standing shown={shown} onShown={onShown} />
        <LateAnswers shown={shown} onShown={onShown} />
        <TryAnswers shown={shown} />
        {shown.mayChange && <RemarkField key={shown.id} shown={shown} onShown={onShown} />}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{words.close}</Button>
      </DialogActions>
    </Dialog>
  );
}

function Standing({ shown, onShown }: { shown: Shown; onShown: (now: Shown) => void }) {
  const tell = useNotice();
  const add = useMutation({
    mutationFn: (minutes: number) =>
      data<Shown>(
        api.POST("/api/tries/{tryId}/minutes", { params: { path: { tryId: shown.id } }, body: { minutes } }),
      ),
    onSuccess: (now, minutes) => {
      onShown(now);
      if (minutes > 0) {
        tell(words.minutesAdded({ name: shown.givenName }), () => add.mutate(-minutes));
      }
    },
    onError: (error) => tell(error.message),
  });
  const { clock } = shown;
  const parts = [
    words.number({ number: shown.number }),
    shown.running
      ? words.running
      : shown.handedInAt && words.handedIn({ when: dayAndTime(shown.handedInAt) }),
    clock.breakUntil !== undefined && words.onBreak,
    shown.running && clock.workSecondsLeft !== undefined && words.left(clock.workSecondsLeft),
    shown.running && clock.minutes === undefined && words.noLimit,
    clock.addedMinutes > 0 && words.added({ minutes: clock.addedMinutes }),
    shown.earned !== undefined &&
      shown.possible !== undefined &&
      words.result({ earned: shown.earned, possible: shown.possible }),
  ];
  return (
    <Box sx={{ display: "flex", alignItems: "center", flexWrap: "wrap", gap: 1.5 }}>
      <Box sx={{ flex: 1 }}>{parts.filter(Boolean).join(" · ")}</Box>
      {shown.running && shown.mayChange && clock.addedMinutes >= 5 && (
        <Button disabled={add.isPending} onClick={() => add.mutate(-5)}>
          {words.takeMinutes}
        </Button>
      )}
      {shown.running && shown.mayChange && clock.minutes !== undefined && (
        <Button disabled={add.isPending} onClick={() => add.mutate(5)}>
          {words.addFive}
        </Button>
      )}
    </Box>
  );
}
