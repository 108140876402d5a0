/** Something a student gave that the server has not said to have yet. */
export interface Entry {
  /** In the order in which it was given on this device. */
  seq?: number;
  /** By which the server knows it when it is sent twice. */
  key: string;
  studentId: number;
  tryId: number;
  kind: "answer" | "written" | "file";
  /** Of an answer. */
  questionId?: number;
  text?: string;
  file?: Blob;
  fileName?: string;
  /** By the server's clock, as this page knows it. */
  givenAt: string;
}

/** Of one question only what was given last has to be sent; every file is its own. */
export function replaces(newer: Entry, older: Entry): boolean {
  return (
    newer.kind !== "file" &&
    newer.kind === older.kind &&
    newer.tryId === older.tryId &&
    newer.studentId === older.studentId &&
    newer.questionId === older.questionId
  );
}

/** What an answer is the answer to. */
export function placeOf({ tryId, questionId }: Pick<Entry, "tryId" | "questionId">): string {
  return `${tryId} ${questionId ?? ""}`;
}

/** Given on this page, and when by its own clock. */
export interface Own {
  text: string;
  running: number;
}

/**
 * Of what was given on this page, that which what the server last said cannot know of: it was asked before the answer was
 * given, or before the server had it.
 *
 * @param asked when the server was asked, by the clock of this page
 */
export function newerThan(
  asked: number,
  tryId: number,
  own: ReadonlyMap<number, Own>,
  sent: ReadonlyMap<string, number>,
): Map<number, string> {
  const newer = new Map<number, string>();
  for (const [questionId, { text, running }] of own) {
    const known = sent.get(placeOf({ tryId, questionId })) ?? Number.POSITIVE_INFINITY;
    if (asked < Math.max(running, known)) {
      newer.set(questionId, text);
    }
  }
  return newer;
}

/** What waits to be sent, laid over what the server had: question to answer. */
export function answersOver(
  known: ReadonlyMap<number, string>,
  waiting: readonly Entry[],
): ReadonlyMap<number, string> {
  const over = new Map(known);
  for (const entry of waiting) {
    if (entry.kind === "answer" && entry.questionId !== undefined) {
      over.set(entry.questionId, entry.text ?? "");
    }
  }
  return over;
}
