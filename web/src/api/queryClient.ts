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

// What a student was shown stays to be shown without a connection.
queryClient.setQueryDefaults(["my"], { gcTime: 7 * 24 * 60 * 60 * 1000 });
