import { useMutation } from "@tanstack/react-query";
import { api, data, type Schemas } from "../../api/client";
import { useFocus } from "../../shell/focus";
import { useNotice } from "../../shell/Notice";
import { useSessionDeeds } from "./useSessionDeeds";
import { useShiftWeek } from "./useShiftWeek";
import { useSteps } from "./useSteps";
import { words } from "./words";

type Bar = Schemas["WeekBar"];

/** Everything that is done to a week, each with its way back. */
export function useWeekDeeds() {
  const { classId } = useFocus();
  const tell = useNotice();
  const { doneStep } = useSteps();
  const sessions = useSessionDeeds(classId);
  const shiftWeek = useShiftWeek(classId);
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
    onSuccess: (task, { whom }) => doneStep(words.added({ name: task.name, whom }), task.lastStep?.id ?? 0),
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
    onSuccess: ({ stepId }, { bar }) => doneStep(words.moved({ name: bar.name }), stepId),
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
    onSuccess: ({ stepId }, { bar }) => doneStep(words.moved({ name: bar.name }), stepId),
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
    onSuccess: ({ stepId }, { bar, group }) => doneStep(words.alsoFor({ name: bar.name, group }), stepId),
    onError,
  });

  const handOut = useMutation({
    mutationFn: (tasks: number[]) =>
      data<Schemas["StepDone"]>(
        api.POST("/api/classes/{classId}/tasks/handed-out", { params: { path }, body: { tasks } }),
      ),
    onSuccess: ({ stepId }, tasks) => doneStep(words.handedOut({ count: tasks.length }), stepId),
    onError,
  });

  const stagger = useMutation({
    mutationFn: (body: Schemas["StaggerTasks"]) =>
      data<Schemas["Moved"]>(api.POST("/api/classes/{classId}/tasks/stagger", { params: { path }, body })),
    onSuccess: (moved) => {
      if (moved.stepId !== undefined) {
        doneStep(words.staggering.done({ count: moved.done.length }), moved.stepId);
      }
    },
    onError,
  });

  return {
    ...sessions,
    addTask,
    setDays,
    toDay,
    alsoFor,
    shiftWeek,
    handOut,
    stagger,
  };
}

export type WeekDeeds = ReturnType<typeof useWeekDeeds>;
