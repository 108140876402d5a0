import type { Schemas } from "../api/client";
import { fixed } from "../languages/numbers";
import { wordsOf, wordsWith } from "../languages/words";

const said = wordsOf("arrange");

export const words = wordsWith("arrange", {
  cardAbout: (groups: number, notPlaced: number) =>
    said.cardAboutSays.groups({
      groups,
      more: notPlaced > 0 ? said.cardAboutSays.notPlaced({ notPlaced }) : "",
    }),
  lineAbout: (bench: Schemas["BenchView"]) =>
    said.lineAboutSays({
      method: words.methods[bench.method],
      groupsCount: bench.groups.length,
      smallest: bench.smallest,
      largest: bench.largest,
    }),
  fitPoint: (groups: number, fit: number | undefined) =>
    fit === undefined
      ? said.fitPointSays.groupsSizesDo({ groups })
      : said.fitPointSays.groupsFit({ groups, fit: fixed(fit, 2) }),
  fitNow: (groups: number, fit: number) => said.fitNowSays({ groups, fit: fixed(fit, 2) }),
  fitMore: (difference: number) => said.fitMoreSays({ difference: fixed(difference, 2) }),
  ofTwo: {
    noted: (one: string, other: string, kind: Schemas["PairNoteShown"]["kind"]): string =>
      said.ofTwo.notedSays({ one, other, kind: words.ofTwo.kinds[kind] }),
  },
  imbalance: (each: Schemas["Imbalance"]) =>
    said.imbalanceSays.hereIn({
      more:
        each.tag === undefined
          ? said.imbalanceSays.anotherLanguageAt
          : said.imbalanceSays.tag({ tag: each.tag }),
      inGroup: each.inGroup,
      groupSize: each.groupSize,
      inClass: each.inClass,
      classSize: each.classSize,
      more2:
        each.inGroup * each.classSize > each.inClass * each.groupSize
          ? said.imbalanceSays.more
          : said.imbalanceSays.fewer,
    }),
  start: {
    granted: (counts: readonly number[]) => {
      const [first = 0, second = 0] = counts;
      const none = counts[counts.length - 1] ?? 0;
      const later = counts.slice(2, -1).reduce((sum, each) => sum + each, 0);
      return said.start.grantedSays({ first, second, later, none });
    },
    fit: (fit: number) => said.start.fitSays({ fit: fixed(fit, 2) }),
  },
  advice: {
    line: (each: Schemas["Advised"], group: string | undefined) =>
      group === undefined
        ? said.advice.lineSays.watchBecame({ before: each.before, now: each.now })
        : said.advice.lineSays.toBecame({ group, before: each.before, now: each.now }),
  },
  why: {
    rule: (rule: Schemas["RuleTold"], names: string, method: Schemas["BenchView"]["method"]) => {
      const what = {
        LOCKED: said.why.ruleSays.locking({ names }),
        TOGETHER: said.why.ruleSays.keepingTogether({ names }),
        APART: said.why.ruleSays.keepingApart({ names }),
        RATHER_TOGETHER: said.why.ruleSays.ratherTogether({ names }),
        RATHER_APART: said.why.ruleSays.ratherApart({ names }),
      }[rule.kind];
      return rule.share > 0
        ? said.why.ruleSays.raisesBy({
            what,
            method: smallFigure(method),
            share: percent(rule.share),
          })
        : said.why.ruleSays.costsNothing({ what });
    },
    mean: (mean: number) => said.why.meanSays({ mean: fixed(mean, Math.abs(mean) < 10 ? 2 : 1) }),
    otherwise: (why: Schemas["StudentWhy"], other: string | undefined) => {
      const change =
        other === undefined
          ? said.why.otherwiseSays.anotherGroup
          : said.why.otherwiseSays.thePlaceOf({ other });
      if (why.keptFromNearer) {
        return said.why.otherwiseSays.wouldBeBetter({ change });
      }
      return why.rise === undefined ? change : `${change}, ${times(why.rise)}`;
    },
    nextBest: (method: Schemas["BenchView"]["method"]) =>
      said.why.nextBestSays({ method: smallFigure(method) }),
    student: (why: Schemas["StudentWhy"], decimals: number) => {
      const parts: string[] = [];
      if (why.locked) {
        parts.push(said.why.studentSays.lockedHere);
      }
      if (why.value !== undefined && why.ownMean !== undefined) {
        const round = (value: number) => fixed(value, Math.max(decimals, Math.abs(value) < 10 ? 2 : 0));
        parts.push(said.why.studentSays.meanHere({ value: round(why.value), ownMean: round(why.ownMean) }));
        if (why.nextMean !== undefined) {
          parts.push(
            why.keptFromNearer
              ? said.why.studentSays.nearerKeptFrom({ nextMean: round(why.nextMean) })
              : said.why.studentSays.next({ nextMean: round(why.nextMean) }),
          );
        }
      }
      if (why.choice !== undefined) {
        parts.push(said.why.studentSays.choice({ choice: why.choice }));
      }
      return parts.join(" · ");
    },
  },
  shared: {
    of: (subject: string, className: string, by: string) => `${subject} · ${className} · ${by}`,
    here: (here: number, members: number) =>
      here === members ? `${here}` : said.shared.hereSays({ here, members }),
  },
  history: {
    moved: (each: Schemas["MovedStudent"]) =>
      `${each.givenName}: ${each.from.join(", ") || words.history.nowhere} → ${each.to.join(", ") || words.history.nowhere}`,
  },
  comparing: {
    from: (names: string[]) => said.comparing.fromSays({ names: names.join(", ") || words.history.nowhere }),
  },
  scatter: {
    up: (measure: string) => `↑ ${measure}`,
    across: (measure: string) => `${measure} →`,
  },
});

/** What the method makes small. */
function smallFigure(method: Schemas["BenchView"]["method"]): string {
  return method === "MIXED" || method === "CHOICES" ? words.why.smallIs[method] : words.why.spread;
}

/** How many times as much it becomes, or for little by which share. */
function times(rise: number): string {
  return rise < 1 ? `+ ${percent(rise)}` : `× ${fixed(1 + rise, 1)}`;
}

function percent(share: number): string {
  return share < 0.005 ? said.percentSays : `${Math.round(share * 100)} %`;
}
