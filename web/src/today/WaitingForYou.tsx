import Button from "@mui/material/Button";
import { useMutation } from "@tanstack/react-query";
import { Link } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { refreshTasks, useUndoStep } from "../plan/useUndoStep";
import { useNotice } from "../shell/Notice";
import { ElsewhereRows } from "./ElsewhereRows";
import { TodayPart, TodayRow } from "./TodayRow";
import { nothingElsewhere, type WaitingElsewhere } from "./useWaitingElsewhere";
import { words } from "./words";

interface Props {
  today: Schemas["Today"];
  classId: number;
  elsewhere: WaitingElsewhere;
}

/** What waits for a person without being urgent. */
export function WaitingForYou({ today, classId, elsewhere }: Props) {
  const at = `/classes/${classId}`;
  const none = today.overdue.length + today.idle.length + today.askToJoin === 0;
  if (none && nothingElsewhere(elsewhere)) {
    return null;
  }
  return (
    <TodayPart title={words.waiting}>
      {today.overdue.map((task) => (
        <OverdueRow key={task.id} task={task} classId={classId} mayChange={today.mayChange} />
      ))}
      <ElsewhereRows at={at} waiting={elsewhere} />
      {today.idle.length > 0 && (
        <TodayRow count={today.idle.length} what={words.idle.title(today.idle)} about={words.idle.about}>
          {today.mayChange && (
            <Button size="small" component={Link} to={`${at}/plan`}>
              {words.idle.plan}
            </Button>
          )}
        </TodayRow>
      )}
      {today.askToJoin > 0 && (
        <TodayRow
          count={today.askToJoin}
          what={words.askToJoin.title({ count: today.askToJoin })}
          about={words.askToJoin.about}
        >
          <Button size="small" component={Link} to={`${at}/students`}>
            {words.askToJoin.look}
          </Button>
        </TodayRow>
      )}
    </TodayPart>
  );
}

interface OverdueProps {
  task: Schemas["Overdue"];
  classId: number;
  mayChange: boolean;
}

function OverdueRow({ task, classId, mayChange }: OverdueProps) {
  const tell = useNotice();
  const undo = useUndoStep();
  const extend = useMutation({
    mutationFn: () =>
      data<Schemas["StepDone"]>(
        api.POST("/api/tasks/{taskId}/extensions", {
          params: { path: { taskId: task.id } },
          body: { students: task.students.map((each) => each.id), days: 1 },
        }),
      ),
    onSuccess: ({ stepId }) => tell(words.overdue.extended(task), () => undo.mutate(stepId)),
    onError: (error) => tell(error.message),
    onSettled: refreshTasks,
  });
  return (
    <TodayRow count={task.students.length} what={words.overdue.title(task)} about={words.overdue.about(task)}>
      {mayChange && (
        <Button
          size="small"
          disabled={extend.isPending}
          aria-label={words.overdue.extendFor({ name: task.name })}
          onClick={() => extend.mutate()}
        >
          {words.overdue.extend}
        </Button>
      )}
      <Button size="small" component={Link} to={`/classes/${classId}/progress`}>
        {words.overdue.look}
      </Button>
    </TodayRow>
  );
}
