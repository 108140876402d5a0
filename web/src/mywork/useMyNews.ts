import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { outbox } from "../outbox/mine";

/** Listens to what others, or the student on another device, change: minutes, work, an answer, a word of the teacher. */
export function useMyNews() {
  const queries = useQueryClient();
  useEffect(() => {
    const news = new EventSource("/api/my/news");
    news.addEventListener("changed", async ({ data }: MessageEvent<string>) => {
      if (!(await outbox.isOfThisDevice(data))) {
        await queries.invalidateQueries({ queryKey: ["my"] });
      }
    });
    return () => news.close();
  }, [queries]);
}
