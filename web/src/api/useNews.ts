import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";

/** Listens to what changes in a class and marks what is shown as no longer fresh. */
export function useNews(classId: number) {
  const queries = useQueryClient();
  useEffect(() => {
    const news = new EventSource(`/api/classes/${classId}/news`);
    news.addEventListener("changed", () => {
      queries.invalidateQueries({ queryKey: ["class", classId] });
      queries.invalidateQueries({ queryKey: ["class", "all"] });
      queries.invalidateQueries({ queryKey: ["student"] });
      queries.invalidateQueries({ queryKey: ["bench"] });
      queries.invalidateQueries({ queryKey: ["task"] });
    });
    return () => news.close();
  }, [classId, queries]);
}
