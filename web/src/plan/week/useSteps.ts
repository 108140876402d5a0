import { useMutation } from "@tanstack/react-query";
import { useCallback, useEffect, useRef } from "react";
import { api } from "../../api/client";
import { queryClient } from "../../api/queryClient";
import { useNotice } from "../../shell/Notice";
import { words } from "./words";

/** What was done to tasks last on this screen, taken back by the notice's Undo or by Ctrl+Z. */
export function useSteps() {
  const tell = useNotice();
  const last = useRef<(() => void) | undefined>(undefined);
  const undoStep = useMutation({
    mutationFn: (stepId: number) =>
      api.POST("/api/task-steps/{stepId}/undo", { params: { path: { stepId } } }),
    onSuccess: () => tell(words.undone),
    onError: (error) => tell(error.message),
    onSettled: refresh,
  });
  const mutate = undoStep.mutate;
  /** Says what was done, with the way back. */
  const done = useCallback(
    (sentence: string, undo: () => void) => {
      last.current = undo;
      refresh();
      tell(sentence, () => {
        last.current = undefined;
        undo();
      });
    },
    [tell],
  );
  const doneStep = useCallback(
    (sentence: string, stepId: number) => done(sentence, () => mutate(stepId)),
    [done, mutate],
  );
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = (event.target as HTMLElement).closest("input, textarea, select, [role=dialog]");
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z" && !typing && last.current) {
        event.preventDefault();
        const undo = last.current;
        last.current = undefined;
        undo();
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
  return { done, doneStep, undoStep: mutate };
}

function refresh() {
  queryClient.invalidateQueries({ queryKey: ["class"] });
  queryClient.invalidateQueries({ queryKey: ["task"] });
}
