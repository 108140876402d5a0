import { createContext, useContext } from "react";

/** Whose page is shown: the student's own, or a student's as an adult sees it in their place. */
export type Whose = { own: true } | ({ own: false } & Seen);

export interface Seen {
  classId: number;
  studentId: number;
  /** On the school's clocks; absent for now. */
  at?: string;
  /** A task that is shown as if it were assigned. */
  draft?: number;
}

const own: Whose = { own: true };

export const WhoseContext = createContext<Whose>(own);

export function useWhose(): Whose {
  return useContext(WhoseContext);
}

/** Under what a student's page is remembered; an adult's look never stays on the device. */
export function keyOf(whose: Whose): unknown[] {
  return whose.own ? ["my"] : ["class", whose.classId, "see-as", whose.studentId, whose.at, whose.draft];
}

export function lookOf({ classId, studentId, at }: Seen) {
  return { params: { path: { classId, studentId }, query: { at } } };
}
