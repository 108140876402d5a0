import {
  onlineManager,
  type Query,
  QueryCache,
  type QueryClient,
  type QueryKey,
} from "@tanstack/react-query";
import { ApiProblem } from "./client";
import { FreshQueryClient } from "./freshQueryClient";

export const queryClient: QueryClient = new FreshQueryClient({
  queryCache: new QueryCache({
    onError: (error) => {
      if (error instanceof ApiProblem && error.status === 401) {
        queryClient.setQueryData(["session"], { who: "NOBODY" });
      }
    },
  }),
  defaultOptions: {
    queries: {
      staleTime: 10_000,
      retry: (count, error) => !(error instanceof ApiProblem) && count < 3,
      throwOnError: leavesNothingToShow,
    },
    // What cannot be done now is said now, and not done by itself later.
    mutations: { networkMode: "always" },
  },
});

/** What says itself where it cannot be had, or is not missed. */
const sayThemselves = new Set<unknown>(["my", "faces", "meeting"]);

/**
 * Whether the page can only say that it cannot be shown. What is refused for good leaves a gap where it would be, unless
 * it is what the page is about; students' pages say themselves what they lack.
 */
function leavesNothingToShow(error: Error, query: Query<unknown, Error, unknown, QueryKey>): boolean {
  if (query.state.data !== undefined || sayThemselves.has(query.queryKey[0])) {
    return false;
  }
  return query.meta?.page === true || !(error instanceof ApiProblem) || error.status >= 500;
}

// The library takes a page that begins without a connection for one that has it.
onlineManager.setOnline(typeof navigator === "undefined" || navigator.onLine);

// What a student was shown stays to be shown without a connection.
queryClient.setQueryDefaults(["my"], { gcTime: 7 * 24 * 60 * 60 * 1000 });
