import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../api/client";

/** Questions to look at again, kept with the try; shown at once, whether or not the server can be reached. */
export function useFlags(page: Schemas["TryPage"]) {
  const [flagged, setFlagged] = useState<readonly number[]>(page.flagged);
  const keep = useMutation({
    mutationFn: (questions: number[]) =>
      api.PUT("/api/my/tries/{tryId}/flags", { params: { path: { tryId: page.id } }, body: { questions } }),
    retry: 3,
  });
  const toggle = (questionId: number) => {
    const next = flagged.includes(questionId)
      ? flagged.filter((each) => each !== questionId)
      : [...flagged, questionId];
    setFlagged(next);
    keep.mutate(next);
  };
  return { has: (questionId: number) => flagged.includes(questionId), toggle };
}
