import type { Schemas } from "../api/client";
import { plural } from "../shell/plural";

export const words = {
  students: (count: number) => plural(count, "student"),
  shown: (count: number) => `${count} shown`,
  bringIn: "Bring in…",
  find: "name",
  name: "name",
  needs: "needs",
  since: "so far",
  lastHere: "last here",
  never: "never",
  notAssessed: "not assessed",
  stale: "stale",
  staleHelp: (takenOn: string) => `from ${takenOn}, older than its shelf life`,
  notPlaced: "not placed",
  place: (student: string, arrangement: string, group: string) =>
    `${student} in ${arrangement}: ${group}. Change group`,
  moved: (student: string, group: string) => `${student} is now in ${group}.`,
  unplaced: (student: string) => `${student} is in no group now.`,
  untimed: "untimed",
  days: (days: number) => `+${plural(days, "day")}`,
  code: "entry code",
  newCode: "New code",
  newCodeDone: "The old code does not work any more.",
  timeNeed: "Time",
  factor: "times the usual time",
  noFactor: "as everyone",
  extraDays: "Extra teaching days",
  keepNeeds: "Keep",
  needsKept: (student: string) => `Kept. Work that ${student} has not started follows at once.`,
  nobody: "No student yet. Bring in a class list to begin.",
  nobodyShown: "Nobody here. Choose everyone in the bar below, or empty the name field.",
  close: "Close",
};

export function needsShown(needs: Schemas["NeedsShown"] | undefined): string[] {
  if (!needs) {
    return [];
  }
  const shown = needs.untimed ? [words.untimed] : needs.timeFactor ? [`${needs.timeFactor}×`] : [];
  return needs.extraDays > 0 ? [...shown, words.days(needs.extraDays)] : shown;
}
