import { queryOptions } from "@tanstack/react-query";
import { api, data, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";

export const classAdultsQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "adults"],
    queryFn: () => data(api.GET("/api/classes/{classId}/adults", { params: { path: { classId } } })),
  });

export const invitationsQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "invitations"],
    queryFn: () => data(api.GET("/api/classes/{classId}/invitations", { params: { path: { classId } } })),
  });

export const colleaguesQuery = queryOptions({
  queryKey: ["adults"],
  queryFn: () => data<Schemas["Colleague"][]>(api.GET("/api/adults")),
});

/** Who works where is shown in the class, in the school, and decides what the signed-in adult sees. */
export function sharingChanged(classId: number) {
  for (const queryKey of [
    ["class", classId, "adults"],
    ["class", classId, "invitations"],
    ["school"],
    ["classes"],
  ]) {
    queryClient.invalidateQueries({ queryKey });
  }
}
