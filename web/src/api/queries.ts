import { queryOptions } from "@tanstack/react-query";
import { api, data } from "./client";

/** One options factory per server resource; keys begin with what changes together. */
export const sessionQuery = queryOptions({
  queryKey: ["session"],
  queryFn: () => data(api.GET("/api/session")),
  staleTime: Number.POSITIVE_INFINITY,
});

export const classesQuery = queryOptions({
  queryKey: ["classes"],
  queryFn: () => data(api.GET("/api/classes")),
});

export const measuresQuery = queryOptions({
  queryKey: ["measures"],
  queryFn: () => data(api.GET("/api/measures")),
});

export const studentsQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "students"],
    queryFn: () => data(api.GET("/api/classes/{classId}/students", { params: { path: { classId } } })),
  });

export const scoresQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "scores"],
    queryFn: () => data(api.GET("/api/classes/{classId}/scores", { params: { path: { classId } } })),
  });

export const arrangementsQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "arrangements"],
    queryFn: () => data(api.GET("/api/classes/{classId}/arrangements", { params: { path: { classId } } })),
  });

export const benchQuery = (arrangementId: number) =>
  queryOptions({
    queryKey: ["bench", arrangementId],
    queryFn: () =>
      data(api.GET("/api/arrangements/{arrangementId}", { params: { path: { arrangementId } } })),
  });

export const libraryQuery = queryOptions({
  queryKey: ["library"],
  queryFn: () => data(api.GET("/api/library")),
});

export const tasksQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "tasks"],
    queryFn: () => data(api.GET("/api/classes/{classId}/tasks", { params: { path: { classId } } })),
  });

export const taskQuery = (taskId: number) =>
  queryOptions({
    queryKey: ["task", taskId],
    queryFn: () => data(api.GET("/api/tasks/{taskId}", { params: { path: { taskId } } })),
  });

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

export const myWorkQuery = queryOptions({
  queryKey: ["my", "work"],
  queryFn: () => data(api.GET("/api/my/work")),
  refetchInterval: 30_000,
});

export const tryQuery = (tryId: number) =>
  queryOptions({
    queryKey: ["my", "try", tryId],
    queryFn: () => data(api.GET("/api/my/tries/{tryId}", { params: { path: { tryId } } })),
    staleTime: Number.POSITIVE_INFINITY,
  });
