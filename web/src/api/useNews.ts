import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { listen } from "./listen";

/** What a class's pages show, by the first part of its key. */
const shown = [["class", "all"], ["student"], ["bench"], ["task"]];

/** Listens to what changes in a class and marks what is shown as no longer fresh. */
export function useNews(classId: number) {
  const queries = useQueryClient();
  useEffect(() => {
    const changed = () => {
      for (const queryKey of [["class", classId], ...shown]) {
        queries.invalidateQueries({ queryKey });
      }
    };
    return listen(`/api/classes/${classId}/news`, { changed, again: changed });
  }, [classId, queries]);
}
