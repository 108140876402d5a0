import { useMutation } from "@tanstack/react-query";
import { api, data, type Schemas } from "../../api/client";
import { queryClient } from "../../api/queryClient";
import { useFocus } from "../../shell/focus";
import { useNotice } from "../../shell/Notice";
import { useSteps } from "./useSteps";
import { words } from "./words";

type Bar = Schemas["WeekBar"];

/** Everything that is done to a week, each with its way back. */
export function useWeekDeeds() {
  const { classId } = useFocus();
  const tell = useNotice();
  const { done, doneStep, undoStep } = useSteps();
  const onError = (error: Error) => tell(error.message);
  const path = { classId };

  const addTask = useMutation({
    mutationFn: async ({ wanted }: { wanted: Schemas["NewTask"]; whom: string }) => {
      const made = await data<Schemas["MadeTask"]>(
        api.POST("/api/classes/{classId}/tasks", { params: { path }, body: wanted }),
      );
      return data<Schemas["TaskView"]>(
        api.GET("/api/tasks/{taskId}", { params: { path: { taskId: made.id } } }),
      );
    },
    onSuccess: (task, { whom }) => doneStep(words.added(task.name, whom), task.lastStep?.id ?? 0),
    onError,
  });

  const removeSession = useMutation({
    mutationFn: (sessionId: number) =>
      api.DELETE("/api/sessions/{sessionId}", { params: { path: { sessionId } } }),
    onSuccess: (_, sessionId) => done(words.sessionRemoved, () => bringBack.mutate(sessionId)),
    onError,
  });
  const bringBack = useMutation({
    mutationFn: (sessionId: number) =>
      api.POST("/api/sessions/{sessionId}/bring-back", { params: { path: { sessionId } } }),
    onSettled: () => queryClient.invalidateQueries({ queryKey: ["class", classId] }),
    onError,
  });
  const addSession = useMutation({
    mutationFn: (body: Schemas["SessionEdit"]) =>
      data<Schemas["SessionShown"]>(api.POST("/api/classes/{classId}/sessions", { params: { path }, body })),
    onSuccess: (made) => done(words.sessionAdded, () => removeSession.mutate(made.id)),
    onError,
  });

  const moveSession = useMutation({
    mutationFn: ({ sessionId, begins }: { sessionId: number; begins: string; before: string }) =>
      api.POST("/api/sessions/{sessionId}/begins", {
        params: { path: { sessionId } },
        body: { begins },
      }),
    onSuccess: (_, { sessionId, begins, before }) =>
      done(words.sessionMoved, () => moveSession.mutate({ sessionId, begins: before, before: begins })),
    onError,
  });

  const setDays = useMutation({
    mutationFn: ({ bar, opens, due }: { bar: Bar; opens?: string; due?: string }) =>
      data<Schemas["StepDone"]>(
        api.POST("/api/tasks/{taskId}/days", {
          params: { path: { taskId: bar.taskId } },
          body: { versionId: bar.versionId, opens, due },
        }),
      ),
    onSuccess: ({ stepId }, { bar }) => doneStep(words.moved(bar.name), stepId),
    onError,
  });

  const toDay = useMutation({
    mutationFn: ({ bar, day }: { bar: Bar; day: string }) =>
      data<Schemas["StepDone"]>(
        api.POST("/api/tasks/{taskId}/day", {
          params: { path: { taskId: bar.taskId } },
          body: { versionId: bar.versionId, day },
        }),
      ),
    onSuccess: ({ stepId }, { bar }) => doneStep(words.moved(bar.name), stepId),
    onError,
  });

  const alsoFor = useMutation({
    mutationFn: ({ bar, groupId }: { bar: Bar; groupId: number; group: string }) =>
      data<Schemas["StepDone"]>(
        api.POST("/api/tasks/{taskId}/groups", {
          params: { path: { taskId: bar.taskId } },
          body: { versionId: bar.versionId, groupId },
        }),
      ),
    onSuccess: ({ stepId }, { bar, group }) => doneStep(words.alsoFor(bar.name, group), stepId),
    onError,
  });

  const shiftWeek = useMutation({
    mutationFn: ({ copy, ...body }: Schemas["ShiftWeek"] & { copy: boolean }) =>
      data<Schemas["WeekShifted"]>(
        copy
          ? api.POST("/api/classes/{classId}/week/copied", { params: { path }, body })
          : api.POST("/api/classes/{classId}/week/moved", { params: { path }, body }),
      ),
    onSuccess: (shifted, { copy }) => {
      const nothing = shifted.stepId === undefined && shifted.sessions.length === 0;
      const sentence = words.shifted(shifted, copy);
      if (nothing) {
        tell(sentence);
        return;
      }
      done(sentence, () => takeWeekBack(shifted, copy));
    },
    onError,
  });

  /** Tasks go back as one step; copied sessions are taken out, moved ones are moved back. */
  const takeWeekBack = async (shifted: Schemas["WeekShifted"], copy: boolean) => {
    if (shifted.stepId !== undefined) {
      undoStep(shifted.stepId);
    }
    try {
      await Promise.all(
        shifted.sessions.map(({ id, before }) => {
          const params = { path: { sessionId: id } };
          return copy
            ? api.DELETE("/api/sessions/{sessionId}", { params })
            : api.POST("/api/sessions/{sessionId}/begins", { params, body: { begins: before } });
        }),
      );
    } catch (error) {
      onError(error as Error);
    }
    queryClient.invalidateQueries({ queryKey: ["class", classId] });
  };

  const handOut = useMutation({
    mutationFn: (tasks: number[]) =>
      data<Schemas["StepDone"]>(
        api.POST("/api/classes/{classId}/tasks/handed-out", { params: { path }, body: { tasks } }),
      ),
    onSuccess: ({ stepId }, tasks) => doneStep(words.handedOut(tasks.length), stepId),
    onError,
  });

  const stagger = useMutation({
    mutationFn: (body: Schemas["StaggerTasks"]) =>
      data<Schemas["Moved"]>(api.POST("/api/classes/{classId}/tasks/stagger", { params: { path }, body })),
    onSuccess: (moved) => {
      if (moved.stepId !== undefined) {
        doneStep(words.staggering.done(moved.done.length), moved.stepId);
      }
    },
    onError,
  });

  return {
    addTask,
    addSession,
    removeSession,
    moveSession,
    setDays,
    toDay,
    alsoFor,
    shiftWeek,
    handOut,
    stagger,
  };
}

export type WeekDeeds = ReturnType<typeof useWeekDeeds>;
