import type { Schemas } from "../api/client";
import { typedNumber } from "../languages/numbers";

/** What was read line by line, or the first line that could not be. */
export type ReadLines<T> = { read: T[] } | { unread: string };

function each<T>(text: string, reading: (line: string) => T | undefined): ReadLines<T> {
  const read: T[] = [];
  for (const line of text.split("\n").map((part) => part.trim())) {
    if (line !== "") {
      const one = reading(line);
      if (one === undefined) {
        return { unread: line };
      }
      read.push(one);
    }
  }
  return { read };
}

/** Benchmarks as a person lists them: "521 below". */
export function cutLines(text: string): ReadLines<Schemas["CutEdit"]> {
  return each(text, (line) => {
    const found = /^(-?\d+(?:[.,]\d+)?)\s+(.+)$/.exec(line);
    return found?.[1] && found[2] ? { score: typedNumber(found[1]), name: found[2] } : undefined;
  });
}

/** Closed days as a person lists them: "2027-02-15 Harbour day". */
export function closedLines(text: string): ReadLines<Schemas["ClosedDayEdit"]> {
  return each(text, (line) => {
    const found = /^(\d{4}-\d{2}-\d{2})\s*(.*)$/.exec(line);
    return found?.[1] ? { day: found[1], reason: found[2] ?? "" } : undefined;
  });
}
