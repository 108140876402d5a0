import type { Schemas } from "../api/client";
import { fixed } from "../languages/numbers";
import { wordsOf, wordsWith } from "../languages/words";

const said = wordsOf("school");

type Kind = Schemas["KindCount"]["kind"];

export const words = wordsWith("school", {
  backups: {
    size: (bytes: number) => said.backups.sizeSays({ bytes: fixed(bytes / 1024 / 1024, 1) }),
  },
  scale: (measure: Schemas["MeasureCard"]) =>
    measure.levels.length > 0
      ? said.scaleSays.levelsTo({
          count: measure.levels.length,
          lowest: measure.levels[0],
          highest: measure.levels[measure.levels.length - 1],
        })
      : said.scaleSays.to({ lowest: measure.lowest, highest: measure.highest, unit: measure.unit }).trim(),
  counts: (measure: Schemas["MeasureCard"]) =>
    measure.whichCounts === "MEAN"
      ? said.countsSays.meanLast({ meanOf: measure.meanOf })
      : measure.whichCounts === "BEST"
        ? said.countsSays.bestCounts
        : said.countsSays.latestCounts,
  tokenHelp: (kept: boolean) => (kept ? said.tokenHelpSays.oneKeptLeave : said.tokenHelpSays.asSystemsKeeper),
});

/** What a kind of change is called, of one or of many. */
export function changeKind(kind: Kind, count: number): string {
  return said.changeKinds[kind]({ count });
}
