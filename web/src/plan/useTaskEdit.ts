import { useMutation, useQueryClient } from "@tanstack/react-query";
import { ApiProblem, api, data } from "../api/client";
import { taskQuery } from "../api/queries";
import { useNotice } from "../shell/Notice";
import { editOf, type TaskEdit, type TaskView } from "./taskEdit";

export type Change = (edit: TaskEdit) => TaskEdit;

/** Changes a task and keeps it at once; one after the other, each on what the one before left. */
export function useTaskEdit(taskId: number) {
  const queries = useQueryClient();
  const tell = useNotice();
  const key = taskQuery(taskId).queryKey;
  const path = { params: { path: { taskId } } };
  const kept = (task: TaskView) => {
    queries.setQueryData(key, task);
    queries.invalidateQueries({ queryKey: ["class", task.classId] });
  };
  const onError = (error: Error) => {
    tell(error.message);
    if (error instanceof ApiProblem && error.status === 409) {
      queries.invalidateQueries({ queryKey: key });
    }
  };
  const scope = { id: `task-${taskId}` };
  const change = useMutation({
    scope,
    mutationFn: (asked: Change) => {
      const now = queries.getQueryData(key);
      if (!now) {
        throw new Error("the task is not loaded yet");
      }
      return data<TaskView>(api.PUT("/api/tasks/{taskId}", { ...path, body: asked(editOf(now)) }));
    },
    onSuccess: kept,
    onError,
  });
  const handOut = useMutation({
    scope,
    mutationFn: (body: { version: number; confirmNotCovered: boolean }) =>
      data<TaskView>(api.POST("/api/tasks/{taskId}/hand-out", { ...path, body })),
    onSuccess: kept,
    onError,
  });
  const takeBack = useMutation({
    scope,
    mutationFn: (version: number) =>
      data<TaskView>(api.POST("/api/tasks/{taskId}/take-back", { ...path, body: { version } })),
    onSuccess: kept,
    onError,
  });
  return { change, handOut, takeBack };
}
