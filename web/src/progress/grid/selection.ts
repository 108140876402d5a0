import type { Schemas } from "../../api/client";

/** Cells by name; the name says whose and of what. */
export type Selection = ReadonlySet<string>;

export const NOTHING: Selection = new Set();

export function nameOf(taskId: number, studentId: number): string {
  return `${taskId}/${studentId}`;
}

export function workOf(name: string): Schemas["WorkCell"] {
  const [taskId, studentId] = name.split("/").map(Number);
  return { taskId: taskId ?? 0, studentId: studentId ?? 0 };
}

/** One alone; with {@code more} one more, or one less. */
export function chosen(now: Selection, name: string, more: boolean): Selection {
  if (!more) {
    return now.size === 1 && now.has(name) ? NOTHING : new Set([name]);
  }
  const next = new Set(now);
  if (!next.delete(name)) {
    next.add(name);
  }
  return next;
}

/** All of these, or none of them where all are chosen already. */
export function allOf(now: Selection, names: string[]): Selection {
  const next = new Set(now);
  const all = names.every((name) => now.has(name));
  for (const name of names) {
    if (all) {
      next.delete(name);
    } else {
      next.add(name);
    }
  }
  return next;
}
