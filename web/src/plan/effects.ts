import type { Schemas } from "../api/client";
import { dayAndTime } from "../shell/dates";
import { listed } from "../shell/plural";
import { words } from "./words";

type Effect = Schemas["TaskEffect"];

/** What would happen, one sentence for all to whom the same happens. */
export function effectSentences(effects: Effect[]): string[] {
  const bySentence = new Map<string, string[]>();
  for (const effect of effects) {
    const what = whatHappens(effect);
    bySentence.set(what, [...(bySentence.get(what) ?? []), effect.givenName]);
  }
  return [...bySentence].map(([what, names]) => `${shortened(names)}: ${what}.`);
}

/** Who is working on it now and whose time or end would be another. */
export function runningNames(effects: Effect[]): string[] {
  const timed = effects.filter(
    (effect) => effect.running && (effect.part === "MINUTES" || effect.part === "CLOSES"),
  );
  return [...new Set(timed.map((effect) => effect.givenName))];
}

const MOST_NAMES = 6;

function shortened(names: string[]): string {
  return names.length > MOST_NAMES
    ? `${names.slice(0, MOST_NAMES).join(", ")} and ${names.length - MOST_NAMES} more`
    : listed(names);
}

function whatHappens(effect: Effect): string {
  switch (effect.kind) {
    case "GAINS":
      return "gets it";
    case "LOSES":
      return effect.running ? "does not get it any more and cannot go on" : "does not get it any more";
    case "OTHER_VERSION":
      return "gets another version";
    case "CONFLICT":
      return "would get two versions";
    case "CONTENT":
      return effect.running ? "sees other work, in the middle of it" : "sees other work";
    case "TERM":
      return effect.part ? termChange(effect, effect.part) : "";
  }
}

function termChange(effect: Effect, part: NonNullable<Effect["part"]>): string {
  const name = words.adjust.parts[part];
  if (part === "MINUTES") {
    return `${name} ${minutes(effect.numberAfter)} instead of ${minutes(effect.numberBefore)}`;
  }
  if (part === "TRIES") {
    return `${effect.numberAfter} tries instead of ${effect.numberBefore}`;
  }
  const after = effect.dateAfter ? dayAndTime(effect.dateAfter) : "at no time";
  const before = effect.dateBefore ? dayAndTime(effect.dateBefore) : "no time";
  return `${name} ${after} instead of ${before}`;
}

function minutes(count: number | undefined): string {
  return count === undefined ? "without limit" : words.minutes(count);
}
