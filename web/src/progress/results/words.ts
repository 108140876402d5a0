import type { Schemas } from "../../api/client";
import { plural } from "../../shell/plural";
import { words as common } from "../words";

export const words = {
  about: "how it went, by question",
  back: "‹ the grid",
  corrected: "A key was changed after answers came in",
  wouldChange: (each: Schemas["CorrectedQuestion"]) =>
    each.comparable
      ? `${plural(each.answers, "answer")} marked by the old key: ${each.up} would go up, ${each.down} down.`
      : `asks something else now. ${plural(each.answers, "answer")} cannot be marked by it.`,
  markAgain: "Mark again by the new key",
  markedAgain: "Marked again. What you marked by hand stays.",
  makeGroups: "Make groups from it…",
  live: "The class at work",
  mark: "Mark it",
  nobody: "Nobody has handed this in yet. Results show here as they come.",
  table: "Results by question and group",
  question: "question",
  all: "all",
  notPlaced: "not placed",
  share: (share: number | undefined) => (share === undefined ? "–" : common.percent(share)),
  group: (group: Schemas["ResultGroup"]) =>
    [
      `${group.handedIn} of ${group.covered}`,
      group.minutes !== undefined && `${Math.max(1, Math.round(group.minutes))} min`,
    ]
      .filter(Boolean)
      .join(" · "),
  toMark: (count: number) => `${plural(count, "answer")} to mark`,
  missed: (count: number) => (count === 0 ? "nobody missed it" : `${plural(count, "student")} missed it`),
  wrong: "Answered otherwise",
  noAnswer: "no answer",
  count: (count: number) => `${count} ×`,
  skills: "By skill, weakest first",
  extra: "extra help",
  groupOf: (count: number) => (count === 1 ? "A group of this one" : `A group of these ${count}`),
  groupMissed: (count: number) => `A group of the ${plural(count, "student")} who missed it`,
  missedAs: (task: string, number: number) => `${task}, question ${number}`,
  give: (item: Schemas["ItemFor"], count: number) =>
    `Give ${count === 1 ? "them" : `all ${count}`} “${item.title}”${item.minutes === undefined ? "" : `, ${item.minutes} min`}`,
  given: (title: string, count: number) => `“${title}” given to ${plural(count, "student")}.`,
  skillMissed: (count: number) => `${plural(count, "student")} under 80 %`,
};
