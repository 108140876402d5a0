import { useCallback, useRef } from "react";
import { useNotice } from "../../shell/Notice";
import { useUndoKey } from "../../shell/useUndoKey";
import { refreshTasks, useUndoStep } from "../useUndoStep";

/** What was done to tasks last on this screen, taken back by the notice's Undo or by Ctrl+Z. */
export function useSteps() {
  const tell = useNotice();
  const last = useRef<(() => void) | undefined>(undefined);
  const undoStep = useUndoStep();
  const mutate = undoStep.mutate;
  /** Says what was done, with the way back. */
  const done = useCallback(
    (sentence: string, undo: () => void) => {
      last.current = undo;
      refreshTasks();
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
  const undoLast = useCallback(() => {
    const undo = last.current;
    last.current = undefined;
    undo?.();
  }, []);
  useUndoKey(undoLast);
  return { done, doneStep, undoStep: mutate };
}
