import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ApiProblem, api, data, type Schemas } from "../api/client";
import { taskQuery } from "../api/planQueries";
import { useNotice } from "../shell/Notice";
import { editOf, type TaskEdit, type TaskView } from "./taskEdit";
import { useUndoStep } from "./useUndoStep";

export type Change = (edit: TaskEdit) => TaskEdit;

/** A change that reaches students who can see the task, waiting for a yes. */
export interface Foreseen {
  change: Change;
  effects: Schemas["TaskEffect"][];
}

/** Changes a task and keeps it at once; one after the other, each on what the one before left. */
export function useTaskEdit(taskId: number) {
  const [foreseen, setForeseen] = useState<Foreseen | null>(null);
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
  const foresee = useMutation({
    scope,
    mutationFn: (asked: Change) => {
      const now = queries.getQueryData(key);
      if (!now) {
        throw new Error("the task is not loaded yet");
      }
      return data<Schemas["TaskEffect"][]>(
        api.POST("/api/tasks/{taskId}/effects", { ...path, body: asked(editOf(now)) }),
      );
    },
    onSuccess: (effects, asked) => {
      if (effects.length === 0) {
        change.mutate(asked);
      } else {
        setForeseen({ change: asked, effects });
      }
    },
    onError,
  });
  /** Changes a draft at once; where students can see the task, what it would do to them is shown first. */
  const propose = (asked: Change) => {
    const out = queries.getQueryData(key)?.state === "HANDED_OUT";
    (out ? foresee : change).mutate(asked);
  };
  const undo = useUndoStep(scope);
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
  // What hands out or takes back says of which state of the task it speaks; it waits until that state is known.
  const isChanging = [change, foresee, undo, handOut, takeBack].some((each) => each.isPending);
  return {
    change,
    isChanging,
    propose,
    foreseen,
    closeForeseen: () => setForeseen(null),
    handOut,
    takeBack,
    undo,
  };
}
