import { useMutation } from "@tanstack/react-query";
import { api, data, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { useNotice } from "../shell/Notice";
import { HandOutDialog } from "./HandOutDialog";
import { SeeAsDialog } from "./SeeAsDialog";
import { StaggerVersions } from "./StaggerVersions";
import { TakeBackDialog } from "./TakeBackDialog";
import { TaskSettingsDialog } from "./TaskSettingsDialog";
import type { TaskView } from "./taskEdit";
import type { useTaskEdit } from "./useTaskEdit";
import { words } from "./words";

export type TaskOpen = "handOut" | "takeBack" | "seeAs" | "settings" | "stagger" | null;

interface Props {
  task: TaskView;
  open: TaskOpen;
  deeds: ReturnType<typeof useTaskEdit>;
  onClose: () => void;
}

export function TaskDialogs({ task, open, deeds, onClose }: Props) {
  const tell = useNotice();
  const undo = (stepId: number | undefined) =>
    stepId === undefined ? undefined : () => deeds.undo.mutate(stepId);
  const takeBackFor = useMutation({
    mutationFn: (students: number[]) =>
      data<Schemas["StepDone"]>(
        api.POST("/api/tasks/{taskId}/without", {
          params: { path: { taskId: task.id } },
          body: { students },
        }),
      ),
    onSuccess: ({ stepId }, students) => {
      queryClient.invalidateQueries({ queryKey: ["task", task.id] });
      queryClient.invalidateQueries({ queryKey: ["class"] });
      const names = task.students.filter((each) => students.includes(each.id)).map((each) => each.givenName);
      tell(words.takeBackDialog.someDone({ names }), undo(stepId));
      onClose();
    },
    onError: (error) => tell(error.message),
  });
  switch (open) {
    case "handOut":
      return (
        <HandOutDialog
          task={task}
          pending={deeds.isChanging}
          onClose={onClose}
          onGo={(confirmNotCovered) =>
            deeds.handOut.mutate(
              { version: task.version, confirmNotCovered },
              {
                onSuccess: (kept) => {
                  onClose();
                  const reached = kept.students.filter((each) => each.gets === "ONE").length;
                  tell(words.handedOut({ students: reached }), undo(kept.lastStep?.id));
                },
              },
            )
          }
        />
      );
    case "takeBack":
      return (
        <TakeBackDialog
          task={task}
          pending={deeds.isChanging}
          onClose={onClose}
          onSome={(students) => takeBackFor.mutate(students)}
          onAll={() =>
            deeds.takeBack.mutate(task.version, {
              onSuccess: (kept) => {
                onClose();
                tell(words.takenBack, undo(kept.lastStep?.id));
              },
            })
          }
        />
      );
    case "seeAs":
      return <SeeAsDialog task={task} onClose={onClose} />;
    case "settings":
      return <TaskSettingsDialog task={task} onChange={deeds.propose} onClose={onClose} />;
    case "stagger":
      return <StaggerVersions task={task} onUndo={(stepId) => deeds.undo.mutate(stepId)} onClose={onClose} />;
    case null:
      return null;
  }
}
