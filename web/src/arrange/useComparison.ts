import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { comparisonQuery } from "../api/queries";

/** With what the bench is compared: another arrangement, or itself after an earlier step. */
export type Against = { other: number } | { step: number };

export interface Comparison {
  against: Against | null;
  compared: Schemas["Compared"] | undefined;
  /** The former groups of a student who has moved. */
  movedFrom: (student: number) => string[] | undefined;
  /** The former group that a group goes on from. */
  formerName: (group: number) => string | undefined;
  start: (against: Against) => void;
  stop: () => void;
}

export function useComparison(bench: Schemas["BenchView"]): Comparison {
  const [against, setAgainst] = useState<Against | null>(null);
  // What the bench is now decides, so every change of it asks again.
  const compared = useQuery({
    ...comparisonQuery(bench.id, bench.revision, against),
    enabled: against !== null,
    placeholderData: (before) => before,
  }).data;
  const shown = against === null ? undefined : compared;
  return {
    against,
    compared: shown,
    movedFrom: (student) => shown?.students.find((each) => each.id === student && each.moved)?.before,
    formerName: (group) => shown?.groups.find((each) => each.id === group)?.former,
    start: setAgainst,
    stop: () => setAgainst(null),
  };
}
