import type { Schemas } from "../../api/client";
import { plural } from "../../shell/plural";
import { words as common } from "../words";

type Part = Schemas["PartStory"];

const why: Record<Part["why"], string> = {
  MARKED: "",
  MISSING_IS_ZERO: "not handed in, counts as 0",
  NOT_THEIRS: "not given",
  EXCUSED: "excused",
  DOES_NOT_COUNT: "does not count",
  WAITS_FOR_MARKING: "waits for marking",
  NOT_DUE: "not due yet",
  MISSING_IS_LEFT_OUT: "not handed in, left out",
};

export const words = {
  about: "Marks",
  student: "student",
  mark: "mark",
  none: "–",
  asOf: "As of",
  category: (name: string, share: number) =>
    name ? `${name} · ${common.percent(share)} of the whole` : "All work",
  sum: (earned: number, possible: number) =>
    possible === 0 ? "nothing counts yet" : `${common.points(earned)} of ${common.points(possible)}`,
  part: (part: Part) =>
    part.why === "MARKED" || part.why === "MISSING_IS_ZERO"
      ? `${common.points(part.earned)} of ${common.points(part.possible)}`
      : "–",
  reason: (part: Part) =>
    [
      why[part.why],
      part.number !== undefined && part.number > 1 && `try ${part.number} counts`,
      part.percentOff > 0 && `${part.percentOff} % off, ${plural(part.daysLate, "day")} late`,
    ]
      .filter(Boolean)
      .join(" · "),
  overall: (mark: number | undefined) => (mark === undefined ? "no mark yet" : common.percent(mark)),
  how: (name: string) => `How ${name}'s mark came about`,
  close: "Close",
  settings: {
    open: "How marks come about…",
    title: "How marks come about",
    missingIsZero: "What is past due and not handed in counts as 0",
    late: "Per cent off for each teaching day late",
    lateMost: "At most",
    low: "Results under this many per cent are low",
    categories: "Kinds of work and what they weigh",
    categoriesAbout: "Without kinds, all points count alike.",
    name: "Kind of work",
    weight: "Weight",
    add: "Add a kind",
    remove: (name: string) => `Take away ${name}`,
    tasks: "Which work is which",
    counts: "counts",
    last: "last try",
    best: "best try",
    cancel: "Cancel",
    save: "Save",
    saved: "Saved. All marks follow.",
  },
};
