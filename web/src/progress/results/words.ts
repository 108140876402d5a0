import type { Schemas } from "../../api/client";
import { wordsOf, wordsWith } from "../../languages/words";
import { words as common } from "../words";

const said = wordsOf("progress-results");

export const words = wordsWith("progress-results", {
  wouldChange: (each: Schemas["CorrectedQuestion"]) =>
    each.comparable
      ? said.wouldChangeSays.answersMarkedBy({ answers: each.answers, up: each.up, down: each.down })
      : said.wouldChangeSays.asksSomethingElse({ answers: each.answers }),
  share: (share: number | undefined) => (share === undefined ? "–" : common.percent(share)),
  group: (group: Schemas["ResultGroup"]) =>
    [
      said.groupSays.of({ handedIn: group.handedIn, covered: group.covered }),
      group.minutes !== undefined && said.groupSays.min({ value: Math.max(1, Math.round(group.minutes)) }),
    ]
      .filter(Boolean)
      .join(" · "),
  missed: (count: number) =>
    count === 0 ? said.missedSays.nobodyMissed : said.missedSays.studentsMissed({ count }),
  count: (count: number) => `${count} ×`,
  give: (item: Schemas["ItemFor"], count: number) =>
    said.giveSays.giveAll({
      count,
      title: item.title,
      more: item.minutes === undefined ? "" : said.giveSays.min({ minutes: item.minutes }),
    }),
});
