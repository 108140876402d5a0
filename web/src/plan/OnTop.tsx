import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, data, type Schemas } from "../api/client";
import { taskQuery } from "../api/planQueries";
import { Card } from "../shell/Card";
import { useNotice } from "../shell/Notice";
import type { TaskView } from "./taskEdit";
import { isEased, timeReason, words } from "./words";

type Recipient = Schemas["Recipient"];

/** What the rules add for single students, and why; changed needs are offered to those who are working on it now. */
export function OnTop({ task }: { task: TaskView }) {
  const eased = task.students.filter(isEased);
  const offers = task.students.filter(
    ({ running, terms }) => running && terms && running.minutes !== terms.minutes,
  );
  return (
    <Card component="section" aria-label={words.onTop} sx={{ p: 1.5, mb: 1.25 }}>
      <Box component="h2" sx={{ fontSize: 14, display: "inline" }}>
        {words.onTop}
      </Box>{" "}
      <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
        {words.onTopAbout}
      </Box>
      {offers.map((student) => (
        <Offer key={student.id} task={task} student={student} />
      ))}
      <Box
        sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(280px, 1fr))", gap: 1, mt: 1 }}
      >
        {eased.length === 0 && <Box sx={{ color: "var(--z-soft)" }}>{words.noNeeds}</Box>}
        {eased.map((student) => (
          <Eased key={student.id} student={student} />
        ))}
      </Box>
    </Card>
  );
}

function Eased({ student: { givenName, terms } }: { student: Recipient }) {
  if (!terms) {
    return null;
  }
  const unlimited = terms.reason === "UNTIMED" || terms.minutes === undefined;
  const moved = terms.extraDays > 0 || terms.eased.includes("DUE");
  const about = [
    timeReason(terms),
    moved && terms.due && words.dueMoved(terms.due),
    terms.eased.includes("TRIES") && `${terms.tries} ${words.fields.TRIES}`,
    words.supports(terms.onTop, terms.questionsLeft),
  ].filter(Boolean);
  return (
    <Box>
      {givenName}{" "}
      <b>
        {terms.reason === "NO_LIMIT"
          ? ""
          : unlimited
            ? words.untimed
            : words.minutes({ minutes: terms.minutes ?? 0 })}
      </b>{" "}
      <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
        {about.join(", ")}
      </Box>
    </Box>
  );
}

function Offer({ task, student }: { task: TaskView; student: Recipient }) {
  const queries = useQueryClient();
  const tell = useNotice();
  const give = useMutation({
    mutationFn: () =>
      data<TaskView>(
        api.POST("/api/tasks/{taskId}/running", {
          params: { path: { taskId: task.id } },
          body: { students: [student.id] },
        }),
      ),
    onSuccess: (now) => {
      queries.setQueryData(taskQuery(task.id).queryKey, now);
      tell(words.offer.given);
    },
    onError: (error) => tell(error.message),
  });
  const told = (minutes: number | undefined) =>
    minutes === undefined ? words.untimed : words.minutes({ minutes });
  return (
    <Box
      sx={{
        bgcolor: "var(--z-saffronWash)",
        borderRadius: "8px",
        p: 1.25,
        mt: 1,
        display: "flex",
        alignItems: "center",
        gap: 1,
      }}
    >
      <Box sx={{ flex: 1 }}>
        <b>{words.offer.title({ name: student.givenName })}</b>{" "}
        {words.offer.line({ had: told(student.running?.minutes), now: told(student.terms?.minutes) })}
      </Box>
      <Button size="small" disabled={give.isPending} onClick={() => give.mutate()}>
        {words.offer.give}
      </Button>
    </Box>
  );
}
