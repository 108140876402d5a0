/** What the server has of an answer, with how often it was changed there. */
export interface Saved {
  text: string;
  number: number;
}

/** Something a student gave that the server has not said to have yet. */
export interface Entry {
  /** In the order in which it was given on this device. */
  seq?: number;
  /** Of all that was ever given here; {@link seq} counts what it gave. */
  device?: string;
  /** By which the server knows it when it is sent twice. */
  key: string;
  studentId: number;
  tryId: number;
  kind: "answer" | "written" | "flags" | "file";
  /** Of an answer. */
  questionId?: number;
  /** Of an answer, of what is written; of flags the questions, with commas between. */
  text?: string;
  file?: Blob;
  fileName?: string;
  /** By the server's clock, as this page knows it. */
  givenAt: string;
  /** The number of the saved one that was in sight while it was given; 0 for none. */
  over: number;
  /** Only in the memory of this page: the disk of the device did not take it. */
  fleeting?: boolean;
  /** What another device gave meanwhile and the server has; this is not sent until the student decides. */
  instead?: Saved;
  /** The server will not take it; it stays to be shown to the teacher. */
  refused?: boolean;
}

/** What a thing given is the newest of: an answer of its question, flags of their attempt. Every file is its own. */
export function placeOf({ tryId, kind, questionId }: Pick<Entry, "tryId" | "kind" | "questionId">): string {
  return `${tryId} ${kind} ${questionId ?? ""}`;
}

/** Only what was given last in one place has to be sent. */
export function replaces(newer: Entry, older: Entry): boolean {
  return (
    newer.kind !== "file" &&
    older.refused !== true &&
    newer.studentId === older.studentId &&
    placeOf(newer) === placeOf(older)
  );
}

/** What is on its way: neither refused nor waiting for the student to decide. */
export function isUnsent(entry: Entry): boolean {
  return entry.refused !== true && entry.instead === undefined;
}

/** Of two words of the server the newer one; of equal ones the first. */
export function newest(one: Saved | undefined, other: Saved | undefined): Saved | undefined {
  return one && (!other || one.number >= other.number) ? one : other;
}

/** What a page shows in one place, and the number of what it rests on. */
export interface InSight {
  text: string | undefined;
  over: number;
}

/**
 * What a student sees in one place of an attempt: what they gave and the server does not have yet, else what it has.
 *
 * @param place as {@link placeOf} says
 * @param page what the server said with the page
 */
export function inSight(
  place: string,
  entries: readonly Entry[],
  saved: ReadonlyMap<string, Saved>,
  page: Saved | undefined,
): InSight {
  const unsent = entries.findLast((entry) => isUnsent(entry) && placeOf(entry) === place);
  if (unsent) {
    return { text: unsent.text, over: unsent.over };
  }
  const known = newest(saved.get(place), page);
  return { text: known?.text, over: known?.number ?? 0 };
}
