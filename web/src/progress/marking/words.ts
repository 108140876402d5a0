import { wordsOf, wordsWith } from "../../languages/words";

const said = wordsOf("progress-marking");

export const words = wordsWith("progress-marking", {
  left: (count: number, group?: string) =>
    said.leftSays.toMark({
      more: count === 0 ? said.leftSays.nothing : said.leftSays.pieces({ count }),
      more2: group ? said.leftSays.in({ group }) : "",
    }),
  pointsFor: (who: string, number?: number) =>
    number === undefined
      ? said.pointsForSays.pointsFor({ who })
      : said.pointsForSays.pointsForQuestion({ who, number }),
  criterion: (name: string, who: string) => `${name}, ${who}`,
});
