import { QueryCache, type QueryClient } from "@tanstack/react-query";
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
    },
  },
});
