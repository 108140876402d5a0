import { infiniteQueryOptions } from "@tanstack/react-query";
import { api, data, type Schemas } from "../api/client";

/** What the trail is narrowed to. */
export interface Subject {
  kind: Schemas["TrailSubject"]["kind"];
  subject: number;
}

type Page = Schemas["TrailPage"];
const next = (page: Page) => (page.older ? page.lines.at(-1)?.id : undefined);

export const trailQuery = (classId: number, narrowed?: Subject) =>
  infiniteQueryOptions({
    queryKey: ["class", classId, "history", narrowed],
    queryFn: ({ pageParam }) =>
      data<Page>(
        api.GET("/api/classes/{classId}/history", {
          params: { path: { classId }, query: { ...narrowed, before: pageParam } },
        }),
      ),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: next,
    // What has just been done stands in it.
    staleTime: 0,
  });

export const schoolTrailQuery = infiniteQueryOptions({
  queryKey: ["school", "history"],
  queryFn: ({ pageParam }) =>
    data<Page>(api.GET("/api/school/history", { params: { query: { before: pageParam } } })),
  initialPageParam: undefined as number | undefined,
  getNextPageParam: next,
  staleTime: 0,
});
