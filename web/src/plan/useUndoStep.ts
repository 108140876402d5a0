import { useMutation } from "@tanstack/react-query";
import { api } from "../api/client";
import { queryClient } from "../api/queryClient";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

/**
 * Takes back what was done to tasks as one step, says so, and lets everything that shows tasks be asked again.
 *
 * @param scope deeds of one scope wait for each other
 */
export function useUndoStep(scope?: { id: string }) {
  const tell = useNotice();
  return useMutation({
    scope,
    mutationFn: (stepId: number) =>
      api.POST("/api/task-steps/{stepId}/undo", { params: { path: { stepId } } }),
    onSuccess: () => tell(words.undo.done),
    onError: (error) => tell(error.message),
    onSettled: refreshTasks,
  });
}

export function refreshTasks() {
  queryClient.invalidateQueries({ queryKey: ["class"] });
  queryClient.invalidateQueries({ queryKey: ["task"] });
}
