import { useMutation } from "@tanstack/react-query";
import { api, data, type Schemas } from "../../api/client";
import { queryClient } from "../../api/queryClient";
import { useNotice } from "../../shell/Notice";
import { useSteps } from "./useSteps";
import { words } from "./words";

/** What is done to teacher-led sessions, each with its way back. */
export function useSessionDeeds(classId: number) {
  const tell = useNotice();
  const { done } = useSteps();
  const onError = (error: Error) => tell(error.message);
  const path = { classId };

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

  return { addSession, removeSession, moveSession };
}
