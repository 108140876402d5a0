import { useMutation } from "@tanstack/react-query";
import { api, data, type Schemas } from "../../api/client";
import { queryClient } from "../../api/queryClient";
import { useNotice } from "../../shell/Notice";
import { useSteps } from "./useSteps";
import { words } from "./words";

/** Moves or copies a whole week, and back. */
export function useShiftWeek(classId: number) {
  const tell = useNotice();
  const { done, undoStep } = useSteps();
  const onError = (error: Error) => tell(error.message);
  const path = { classId };

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

  return shiftWeek;
}
