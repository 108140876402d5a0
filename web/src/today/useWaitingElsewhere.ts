import { useQuery } from "@tanstack/react-query";
import { cornersQuery } from "../api/cornerQueries";
import { lowResultsQuery, progressQuery } from "../api/progressQueries";

/** How much waits in Progress and in the corners: those places say themselves what counts. */
export function useWaitingElsewhere(classId: number, arrangementId: number | undefined) {
  const tasks = useQuery(progressQuery(classId, arrangementId)).data?.tasks ?? [];
  const low = useQuery(lowResultsQuery(classId)).data?.results ?? [];
  const corners = useQuery(cornersQuery(classId)).data?.corners ?? [];
  return {
    toMark: tasks.filter((task) => task.toMark > 0),
    low: low.filter((each) => !each.askedAgain),
    reported: corners.filter((each) => each.reported > 0),
    unread: corners.filter((each) => each.unread > 0),
  };
}

export type WaitingElsewhere = ReturnType<typeof useWaitingElsewhere>;

export function nothingElsewhere(waiting: WaitingElsewhere): boolean {
  return Object.values(waiting).every((each) => each.length === 0);
}
