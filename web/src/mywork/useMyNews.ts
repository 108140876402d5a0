import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";

/** Listens to what others change of a student's own work: minutes added, work given, a word of the teacher. */
export function useMyNews() {
  const queries = useQueryClient();
  useEffect(() => {
    const news = new EventSource("/api/my/news");
    news.addEventListener("changed", () => queries.invalidateQueries({ queryKey: ["my"] }));
    return () => news.close();
  }, [queries]);
}
