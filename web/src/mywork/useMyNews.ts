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
    // What changed while nobody could say so is asked for when the line is there again.
    let before = false;
    news.addEventListener("open", () => {
      if (before) {
        void queries.invalidateQueries({ queryKey: ["my"] });
      }
      before = true;
    });
    return () => news.close();
  }, [queries]);
}
