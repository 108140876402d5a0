import { keepPreviousData, queryOptions } from "@tanstack/react-query";
import { api, data } from "./client";
import { ofThePage } from "./ofThePage";
import type { paths } from "./schema";

export const progressQuery = (classId: number, arrangementId: number | undefined) =>
  queryOptions({
    queryKey: ["class", classId, "progress", arrangementId],
    queryFn: () =>
      data(
        api.GET("/api/classes/{classId}/progress", {
          params: { path: { classId }, query: { arrangementId } },
        }),
      ),
  });

export const lowResultsQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "low-results"],
    queryFn: () => data(api.GET("/api/classes/{classId}/low-results", { params: { path: { classId } } })),
  });

export const markingQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "marking"],
    queryFn: () => data(api.GET("/api/classes/{classId}/marking", { params: { path: { classId } } })),
  });

export const marksQuery = (classId: number, asOf: string | undefined) =>
  queryOptions({
    queryKey: ["class", classId, "marks", asOf],
    meta: ofThePage,
    queryFn: () =>
      data(api.GET("/api/classes/{classId}/marks", { params: { path: { classId }, query: { asOf } } })),
  });

export const markStoryQuery = (classId: number, studentId: number, asOf: string | undefined) =>
  queryOptions({
    queryKey: ["class", classId, "marks", "story", studentId, asOf],
    queryFn: () =>
      data(
        api.GET("/api/classes/{classId}/marks/{studentId}", {
          params: { path: { classId, studentId }, query: { asOf } },
        }),
      ),
  });

export const growthQuery = (classId: number, measureId: number, arrangementId: number | undefined) =>
  queryOptions({
    queryKey: ["class", classId, "growth", measureId, arrangementId],
    meta: ofThePage,
    queryFn: () =>
      data(
        api.GET("/api/classes/{classId}/growth", {
          params: { path: { classId }, query: { measureId, arrangementId } },
        }),
      ),
  });

export const sheetQuery = (
  classId: number,
  taskId: number,
  groupId: number | undefined,
  namesHidden: boolean,
) =>
  queryOptions({
    queryKey: ["class", classId, "sheet", taskId, groupId, namesHidden],
    meta: ofThePage,
    queryFn: () =>
      data(
        api.GET("/api/tasks/{taskId}/marking", {
          params: { path: { taskId }, query: { groupId, namesHidden } },
        }),
      ),
  });

export const correctedKeysQuery = (classId: number, taskId: number) =>
  queryOptions({
    queryKey: ["class", classId, "results", taskId, "corrected-keys"],
    meta: ofThePage,
    queryFn: () => data(api.GET("/api/tasks/{taskId}/corrected-keys", { params: { path: { taskId } } })),
  });

export const resultsQuery = (classId: number, taskId: number, arrangementId: number | undefined) =>
  queryOptions({
    queryKey: ["class", classId, "results", taskId, arrangementId],
    meta: ofThePage,
    queryFn: () =>
      data(
        api.GET("/api/tasks/{taskId}/results", { params: { path: { taskId }, query: { arrangementId } } }),
      ),
  });

const LOOK_AGAIN_MS = 10_000;

/** Asked again by itself: that somebody stands still is no news that anybody sends. */
export const liveQuery = (classId: number, taskId: number, groupId: number | undefined) =>
  queryOptions({
    queryKey: ["class", classId, "live", taskId, groupId],
    meta: ofThePage,
    queryFn: () =>
      data(api.GET("/api/tasks/{taskId}/live", { params: { path: { taskId }, query: { groupId } } })),
    refetchInterval: LOOK_AGAIN_MS,
  });

type ReportWish = paths["/api/classes/{classId}/reports"]["get"]["parameters"]["query"];

export const reportQuery = (classId: number, wish: ReportWish) =>
  queryOptions({
    queryKey: ["class", classId, "reports", wish],
    queryFn: () =>
      data(api.GET("/api/classes/{classId}/reports", { params: { path: { classId }, query: wish } })),
    placeholderData: keepPreviousData,
  });

/** What the library has to train these skills or to get ready for them. */
export const preparingQuery = (skills: number[]) =>
  queryOptions({
    queryKey: ["preparing-items", skills],
    queryFn: () => data(api.GET("/api/preparing-items", { params: { query: { skills } } })),
  });

export const languagesQuery = queryOptions({
  queryKey: ["report-languages"],
  queryFn: () => data(api.GET("/api/report-languages")),
  staleTime: Number.POSITIVE_INFINITY,
});

export const phrasesQuery = queryOptions({
  queryKey: ["phrases"],
  queryFn: () => data(api.GET("/api/phrases")),
});
