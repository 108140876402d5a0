import { useMutation } from "@tanstack/react-query";
import dayjs from "dayjs";
import { useNavigate } from "react-router";
import { api, data, type Schemas } from "../../api/client";
import { measuresQuery } from "../../api/queries";
import { queryClient } from "../../api/queryClient";
import { refreshTasks, useUndoStep } from "../../plan/useUndoStep";
import { useFocus } from "../../shell/focus";
import { useNotice } from "../../shell/Notice";
import { words } from "./words";

const WEEKS_OF_A_NEW_GROUP = 4;

export interface Missed {
  /** What was missed, as a teacher would call it. */
  name: string;
  students: number[];
}

/** What can be done for those who missed something: a group of their own, something that prepares them. */
export function useMissedDeeds(taskId: number, today: string) {
  const { classId } = useFocus();
  const navigate = useNavigate();
  const tell = useNotice();
  const undo = useUndoStep();
  const path = { classId };
  const onError = (error: Error) => tell(error.message);

  const asMeasure = async () => {
    const made = await data<Schemas["ColumnAsMeasure"]>(
      api.POST("/api/classes/{classId}/progress/tasks/{taskId}/measure", {
        params: { path: { classId, taskId } },
      }),
    );
    await queryClient.invalidateQueries({ queryKey: measuresQuery.queryKey });
    return made.measureId;
  };

  const group = useMutation({
    mutationFn: asMeasure,
    onSuccess: (measureId) => navigate(`/classes/${classId}/arrange?measure=${measureId}`),
    onError,
  });

  const groupMissed = useMutation({
    mutationFn: async ({ name, students }: Missed) => {
      const body = {
        name: name.slice(0, 120),
        subject: words.extra,
        beginsOn: today,
        endsOn: dayjs(today).add(WEEKS_OF_A_NEW_GROUP, "week").format("YYYY-MM-DD"),
        measureId: await asMeasure(),
        students,
      };
      return data<Schemas["MadeArrangement"]>(
        api.POST("/api/classes/{classId}/arrangements", { params: { path }, body }),
      );
    },
    onSuccess: async (made) => {
      await queryClient.invalidateQueries({ queryKey: ["class", classId] });
      navigate(`/classes/${classId}/arrange/${made.id}`);
    },
    onError,
  });

  const give = useMutation({
    mutationFn: async ({ item, students }: { item: Schemas["ItemFor"]; students: number[] }) => {
      const made = await data<Schemas["MadeTask"]>(
        api.POST("/api/classes/{classId}/tasks", {
          params: { path },
          body: { name: item.title, items: [item.id], students },
        }),
      );
      return data<Schemas["StepDone"]>(
        api.POST("/api/classes/{classId}/tasks/handed-out", {
          params: { path },
          body: { tasks: [made.id] },
        }),
      );
    },
    onSuccess: ({ stepId }, { item, students }) =>
      tell(words.given({ title: item.title, count: students.length }), () => undo.mutate(stepId)),
    onError,
    onSettled: refreshTasks,
  });

  return { group, groupMissed, give };
}
