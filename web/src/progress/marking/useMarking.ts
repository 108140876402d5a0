import { useMutation } from "@tanstack/react-query";
import { api } from "../../api/client";
import { queryClient } from "../../api/queryClient";
import { useFocus } from "../../shell/focus";
import { useNotice } from "../../shell/Notice";
import { words } from "./words";

/** What is given for an answer: points, absent for what it marks itself, and words. */
export interface AnswerGiven {
  tryId: number;
  questionId: number;
  points?: number;
  /** Points for each criterion instead. */
  criteria?: number[];
  comment: string;
}

export interface WholeGiven {
  tryId: number;
  earned?: number;
  possible?: number;
}

/** Keeps marks as they are typed. */
export function useMarking(taskId: number) {
  const { classId } = useFocus();
  const tell = useNotice();
  const onError = (error: Error) => tell(error.message);
  const onSettled = () => {
    queryClient.invalidateQueries({ queryKey: ["class", classId] });
    queryClient.invalidateQueries({ queryKey: ["student"] });
  };
  const answer = useMutation({
    mutationFn: ({ tryId, questionId, ...body }: AnswerGiven) =>
      api.PUT("/api/tries/{tryId}/answers/{questionId}/mark", {
        params: { path: { tryId, questionId } },
        body,
      }),
    onError,
    onSettled,
  });
  const whole = useMutation({
    mutationFn: ({ tryId, earned, possible }: WholeGiven) =>
      api.PUT("/api/tries/{tryId}/mark", { params: { path: { tryId } }, body: { earned, possible } }),
    onError,
    onSettled,
  });
  const accept = useMutation({
    mutationFn: (body: { questionId: number; given: string; points?: number }) =>
      api.POST("/api/tasks/{taskId}/accepted", { params: { path: { taskId } }, body }),
    onSuccess: (_, { questionId, given, points }) =>
      points !== undefined &&
      tell(words.acceptedForAll({ given }), () => accept.mutate({ questionId, given, points: undefined })),
    onError,
    onSettled,
  });
  const giveBack = useMutation({
    mutationFn: (body: { tries: number[]; returned: boolean }) =>
      api.POST("/api/tasks/{taskId}/returned", { params: { path: { taskId } }, body }),
    onSuccess: (_, { tries, returned }) =>
      returned &&
      tell(words.givenBack({ count: tries.length }), () => giveBack.mutate({ tries, returned: false })),
    onError,
    onSettled,
  });
  return { answer, whole, accept, giveBack };
}
