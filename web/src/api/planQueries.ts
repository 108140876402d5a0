import { queryOptions } from "@tanstack/react-query";
import { api, data } from "./client";
import { ofThePage } from "./ofThePage";

/** The week in which a day lies; the present one without a day. */
export const weekQuery = (classId: number, day: string | undefined, arrangementId: number | undefined) =>
  queryOptions({
    queryKey: ["class", classId, "week", day, arrangementId],
    meta: ofThePage,
    queryFn: () =>
      data(
        api.GET("/api/classes/{classId}/week", {
          params: { path: { classId }, query: { day, arrangementId } },
        }),
      ),
  });

export const readyQuery = (classId: number, groupId: number | undefined) =>
  queryOptions({
    queryKey: ["class", classId, "ready", groupId],
    queryFn: () =>
      data(api.GET("/api/classes/{classId}/ready", { params: { path: { classId }, query: { groupId } } })),
  });

export const classTimesQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "times"],
    queryFn: () => data(api.GET("/api/classes/{classId}/times", { params: { path: { classId } } })),
  });

export const groupSettingsQuery = (groupId: number) =>
  queryOptions({
    queryKey: ["group-settings", groupId],
    queryFn: () => data(api.GET("/api/groups/{groupId}/settings", { params: { path: { groupId } } })),
  });

export const feedsQuery = queryOptions({
  queryKey: ["feeds"],
  queryFn: () => data(api.GET("/api/calendar/feeds")),
});

/** What should be looked at before a task is handed out. */
/** What handing out would meet; asked anew when the task has changed since. */
export const handOutQuery = (taskId: number, version: number) =>
  queryOptions({
    queryKey: ["task", taskId, "hand-out", version],
    queryFn: () => data(api.GET("/api/tasks/{taskId}/hand-out", { params: { path: { taskId } } })),
  });

export const taskQuery = (taskId: number) =>
  queryOptions({
    queryKey: ["task", taskId],
    meta: ofThePage,
    queryFn: () => data(api.GET("/api/tasks/{taskId}", { params: { path: { taskId } } })),
  });

export const tasksQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "tasks"],
    queryFn: () => data(api.GET("/api/classes/{classId}/tasks", { params: { path: { classId } } })),
  });

export const todayQuery = (classId: number, arrangementId: number | undefined) =>
  queryOptions({
    queryKey: ["class", classId, "today", arrangementId],
    meta: ofThePage,
    queryFn: () =>
      data(
        api.GET("/api/classes/{classId}/today", { params: { path: { classId }, query: { arrangementId } } }),
      ),
  });

/** The address under which the signed-in student's calendar is read, if there is one. */
export const myFeedsQuery = queryOptions({
  queryKey: ["my", "feeds"],
  queryFn: () => data(api.GET("/api/my/calendar/feeds")),
});
