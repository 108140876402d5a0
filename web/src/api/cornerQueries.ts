import { queryOptions } from "@tanstack/react-query";
import { api, data } from "./client";

export const cornersQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "corners"],
    queryFn: () => data(api.GET("/api/classes/{classId}/corners", { params: { path: { classId } } })),
  });

export const cornerQuery = (classId: number, cornerId: number) =>
  queryOptions({
    queryKey: ["class", classId, "corners", cornerId],
    queryFn: () => data(api.GET("/api/corners/{cornerId}", { params: { path: { cornerId } } })),
  });

/** A file alone, as the body of a request. */
export function fileBody(file: File) {
  const form = new FormData();
  form.append("file", file);
  return { body: form as never, bodySerializer: (body: unknown) => body as never };
}
