import type { Subject } from "./trailQueries";

/** The address of the history of one thing. */
export function historyOf(classId: number, kind: Subject["kind"], subject: number, name: string): string {
  const search = new URLSearchParams({ kind, subject: String(subject), name });
  return `/classes/${classId}/history?${search}`;
}
