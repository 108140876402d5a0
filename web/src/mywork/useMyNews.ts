import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { listen } from "../api/listen";
import { outbox } from "../outbox/mine";

/** Listens to what others, or the student on another device, change: minutes, work, an answer, a word of the teacher. */
export function useMyNews() {
  const queries = useQueryClient();
  useEffect(() => {
    const again = () => void queries.invalidateQueries({ queryKey: ["my"] });
    const changed = async (said: string) => {
      if (!(await outbox.isOfThisDevice(said))) {
        again();
      }
    };
    return listen("/api/my/news", { changed, again });
  }, [queries]);
}
