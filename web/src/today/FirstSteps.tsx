import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation } from "@tanstack/react-query";
import { Link } from "react-router";
import { api, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { useNotice } from "../shell/Notice";
import { TodayPart, TodayRow } from "./TodayRow";
import { words } from "./words";

const later = ["scores", "groups", "task"] as const;

/** What a class begins with, one after the other; can be put away for ever, and back while the notice stands. */
/** Where a step is taken. */
const placeOf = { scores: "scores", groups: "arrange", task: "plan" } as const;

export function FirstSteps({ classId, steps }: { classId: number; steps: Schemas["FirstSteps"] }) {
  const tell = useNotice();
  const show = useMutation({
    mutationFn: (shown: boolean) => api.PUT("/api/account/first-steps", { body: { shown } }),
    onSuccess: (_, shown) => {
      queryClient.invalidateQueries({ queryKey: ["class", classId] });
      if (!shown) {
        tell(words.firstSteps.away, () => show.mutate(true));
      }
    },
    onError: (error) => tell(error.message),
  });
  const next = later.find((step) => !steps[step]);
  return (
    <TodayPart title={words.firstSteps.title}>
      <TodayRow what={words.firstSteps.students.done} about={words.firstSteps.students.about}>
        <Done />
      </TodayRow>
      {later.map((step) => (
        <TodayRow key={step} what={words.firstSteps[step].what} about={words.firstSteps[step].about}>
          {steps[step] ? (
            <Done />
          ) : (
            <Button
              component={Link}
              to={`/classes/${classId}/${placeOf[step]}`}
              variant={step === next ? "contained" : "outlined"}
            >
              {words.firstSteps[step].go}
            </Button>
          )}
        </TodayRow>
      ))}
      <Box sx={{ px: 1.75, py: 1 }}>
        <Button size="small" variant="text" disabled={show.isPending} onClick={() => show.mutate(false)}>
          {words.firstSteps.skip}
        </Button>
      </Box>
    </TodayPart>
  );
}

function Done() {
  return <Box sx={{ color: "var(--z-soft)" }}>{words.firstSteps.isDone}</Box>;
}
