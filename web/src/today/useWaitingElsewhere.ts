import { useQuery } from "@tanstack/react-query";
import { cornersQuery } from "../api/cornerQueries";
import { lowResultsQuery, progressQuery } from "../api/progressQueries";
import { changes, useRole } from "../shell/role";

/** How much waits in Progress and in the corners: those places say themselves what counts. */
export function useWaitingElsewhere(classId: number, arrangementId: number | undefined) {
  const tasks = useQuery(progressQuery(classId, arrangementId)).data?.tasks ?? [];
  const low = useQuery(lowResultsQuery(classId)).data?.results ?? [];
  const corners = useQuery(cornersQuery(classId)).data?.corners ?? [];
  const role = useRole(classId);
  // Nothing is said to wait for an adult who could not do it.
  const mayChange = changes(role);
  return {
    toMark: role === "VIEWER" ? [] : tasks.filter((task) => task.toMark > 0),
    low: mayChange ? low.filter((each) => !each.askedAgain) : [],
    reported: mayChange ? corners.filter((each) => each.reported > 0) : [],
    unread: corners.filter((each) => each.unread > 0),
  };
}

export type WaitingElsewhere = ReturnType<typeof useWaitingElsewhere>;

export function nothingElsewhere(waiting: WaitingElsewhere): boolean {
  return Object.values(waiting).every((each) => each.length === 0);
}
