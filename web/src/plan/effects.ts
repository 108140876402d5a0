import type { Schemas } from "../api/client";
import { wordsOf } from "../languages/words";
import { dayAndTime } from "../shell/dates";
import { words } from "./words";

const said = wordsOf("plan-effects");

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
    ? said.shortenedSays.andMore({
        names: names.slice(0, MOST_NAMES).join(", "),
        more: names.length - MOST_NAMES,
      })
    : said.shortenedSays.line({ names });
}

function whatHappens(effect: Effect): string {
  switch (effect.kind) {
    case "GAINS":
      return said.whatHappensSays.getsIt;
    case "LOSES":
      return effect.running ? said.whatHappensSays.doesNotGet : said.whatHappensSays.doesNotGet2;
    case "OTHER_VERSION":
      return said.whatHappensSays.getsAnotherVersion;
    case "CONFLICT":
      return said.whatHappensSays.wouldGetTwo;
    case "CONTENT":
      return effect.running ? said.whatHappensSays.seesOtherWork : said.whatHappensSays.seesOtherWork2;
    case "TERM":
      return effect.part ? termChange(effect, effect.part) : "";
  }
}

function termChange(effect: Effect, part: NonNullable<Effect["part"]>): string {
  const name = words.adjust.parts[part];
  if (part === "MINUTES") {
    return said.termChangeSays.insteadOf({
      name,
      numberAfter: minutes(effect.numberAfter),
      numberBefore: minutes(effect.numberBefore),
    });
  }
  if (part === "TRIES") {
    return said.termChangeSays.triesInstead({
      numberAfter: effect.numberAfter,
      numberBefore: effect.numberBefore,
    });
  }
  const after = effect.dateAfter ? dayAndTime(effect.dateAfter) : said.termChangeSays.atNoTime;
  const before = effect.dateBefore ? dayAndTime(effect.dateBefore) : said.termChangeSays.noTime;
  return said.termChangeSays.insteadOf2({ name, after, before });
}

function minutes(count: number | undefined): string {
  return count === undefined ? said.minutesSays : words.minutes({ minutes: count });
}
