import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { api, data, type Schemas } from "../../api/client";
import { liveQuery } from "../../api/progressQueries";
import { queryClient } from "../../api/queryClient";
import { Card, PlaceHead } from "../../shell/Card";
import { useFocus } from "../../shell/focus";
import { useNotice } from "../../shell/Notice";
import { Waiting } from "../../shell/Waiting";
import { words } from "./words";

type Student = Schemas["LiveStudent"];

/** Those who may need a hand first. */
const ORDER: Student["where"][] = [
  "STANDS_STILL",
  "NO_CONNECTION",
  "ON_BREAK",
  "WORKING",
  "NOT_BEGUN",
  "HANDED_IN",
];

/** The class at work on one task; fresh by itself. */
export default function LivePlace() {
  const { classId, group } = useFocus();
  const taskId = Number(useParams().taskId);
  const groupId = typeof group === "number" ? group : undefined;
  const live = useQuery(liveQuery(classId, taskId, groupId)).data;
  const give = useMinutes(taskId);
  if (!live) {
    return <Waiting />;
  }
  const sorted = [...live.students].sort((a, b) => ORDER.indexOf(a.where) - ORDER.indexOf(b.where));
  const timed = tries(sorted.filter((each) => each.secondsLeft !== undefined));
  return (
    <>
      <PlaceHead
        title={live.name}
        about={words.about}
        between={
          <Button variant="text" component={Link} to={`/classes/${classId}/progress`} sx={{ order: -1 }}>
            {words.back}
          </Button>
        }
      >
        {live.mayChange && timed.length > 1 && (
          <Button
            variant="contained"
            disabled={give.isPending}
            onClick={() => give.mutate({ tries: timed, minutes: 5 })}
          >
            {words.fiveForAll({ count: timed.length })}
          </Button>
        )}
      </PlaceHead>
      <Box role="status" sx={{ pb: 1, color: "var(--z-soft)" }}>
        {sorted.length === 0 ? words.nobody : words.counts(sorted)}
      </Box>
      <Box
        role="list"
        aria-label={words.label}
        sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(230px, 1fr))", gap: 1.25 }}
      >
        {sorted.map((student) => (
          <One
            key={student.studentId}
            student={student}
            onGive={
              live.mayChange && student.secondsLeft !== undefined
                ? () => give.mutate({ tries: tries([student]), minutes: 5 })
                : undefined
            }
          />
        ))}
      </Box>
    </>
  );
}

function tries(students: Student[]): number[] {
  return students.flatMap((each) => (each.tryId === undefined ? [] : [each.tryId]));
}

/** Minutes for one or many, with a way back. */
function useMinutes(taskId: number) {
  const { classId } = useFocus();
  const tell = useNotice();
  const give = useMutation({
    mutationFn: (body: Schemas["MinutesForMany"]) =>
      data<Schemas["MinutesGiven"]>(
        api.POST("/api/tasks/{taskId}/minutes", { params: { path: { taskId } }, body }),
      ),
    onSuccess: (given, { minutes }) =>
      minutes > 0
        ? tell(words.given({ count: given.tries.length }), () =>
            give.mutate({ tries: given.tries, minutes: -minutes }),
          )
        : tell(words.takenBack),
    onError: (error) => tell(error.message),
    onSettled: () => queryClient.invalidateQueries({ queryKey: ["class", classId, "live"] }),
  });
  return give;
}

function One({ student, onGive }: { student: Student; onGive?: () => void }) {
  const name = `${student.givenName} ${student.familyName}`.trim();
  const needsHand = student.where === "STANDS_STILL" || student.where === "NO_CONNECTION";
  const runs = student.quietSeconds !== undefined;
  return (
    <Card
      role="listitem"
      sx={{
        p: 1.5,
        borderColor: needsHand ? "var(--z-clay)" : "var(--z-line)",
        bgcolor: student.where === "HANDED_IN" ? "var(--z-mossWash)" : "var(--z-card)",
      }}
    >
      <Box sx={{ display: "flex", gap: 1 }}>
        <Box sx={{ flex: 1, fontWeight: 700 }}>{name}</Box>
        <Box sx={{ color: needsHand ? "var(--z-clayText)" : "inherit", fontWeight: needsHand ? 700 : 400 }}>
          {words.where[student.where]}
        </Box>
      </Box>
      {student.where !== "NOT_BEGUN" && student.questions > 0 && (
        <>
          <Box
            aria-hidden="true"
            sx={{ height: 6, my: 0.75, borderRadius: 99, bgcolor: "var(--z-sunk)", overflow: "hidden" }}
          >
            <Box
              sx={{
                height: "100%",
                width: `${(100 * student.answered) / student.questions}%`,
                bgcolor: "var(--z-sea)",
              }}
            />
          </Box>
          <Box sx={{ fontSize: 12.5 }}>
            {[
              words.answered(student),
              runs && (student.secondsLeft === undefined ? words.noLimit : words.left(student.secondsLeft)),
              student.addedMinutes > 0 && words.added({ minutes: student.addedMinutes }),
            ]
              .filter(Boolean)
              .join(" · ")}
          </Box>
        </>
      )}
      {student.quietSeconds !== undefined && (
        <Box sx={{ fontSize: 12.5 }}>{words.quiet(student.quietSeconds)}</Box>
      )}
      {onGive && (
        <Button size="small" sx={{ mt: 0.75 }} aria-label={words.fiveFor({ name })} onClick={onGive}>
          {words.five}
        </Button>
      )}
    </Card>
  );
}
