import dayjs from "dayjs";
import type { Schemas } from "../api/client";
import { day, timeInZone } from "../shell/dates";
import { plural } from "../shell/plural";

type Mark = Schemas["NeedMark"];

export const words = {
  students: (count: number) => plural(count, "student"),
  shown: (count: number) => `${count} shown`,
  bringIn: "Bring in…",
  scores: "Scores…",
  projector: "Projector",
  projectorOn: "Projector: on",
  more: "More ▾",
  entryCards: "Entry cards to print",
  surveys: "Ask for wishes…",
  door: "Let students join by themselves…",
  past: "What was brought in…",
  out: (what: string, as: string) => `${what} as ${as}`,
  outs: { STUDENTS: "Students", SCORES: "Scores", NEEDS: "Needs" },
  find: "name, number or tag",
  classes: "All my classes",
  grade: "grade",
  gradeOf: (grade: number) => `grade ${grade}`,
  home: "home class",
  band: "band",
  bandOf: (measure: string, band: string) => `${measure}: ${band}`,
  level: "level",
  from: "from",
  to: "to",
  need: "need",
  tag: "tag",
  here: "signed in",
  hereOf: { EVER: "has signed in", NEVER: "never signed in" },
  archived: "archived",
  any: (what: string) => `any ${what}`,
  clear: "Show everyone",
  saved: "kept ▾",
  saveAs: "Keep this narrowing…",
  saveName: "Name of this narrowing",
  keep: "Keep",
  cancel: "Cancel",
  forget: (name: string) => `Forget “${name}”`,
  kept: (name: string) => `“${name}” is kept under “kept”.`,
  select: (name: string) => `Select ${name}`,
  selectAll: "Select everyone shown",
  name: "name",
  needs: "needs",
  since: "so far",
  lastHere: "last here",
  never: "never",
  today: (time: string) => `today ${time}`,
  yesterday: "yesterday",
  notAssessed: "not assessed",
  stale: "stale",
  staleHelp: (takenOn: string) => `from ${takenOn}, older than its shelf life`,
  notPlaced: "not placed",
  sortBy: (column: string) => `Sort by ${column}`,
  place: (student: string, arrangement: string, group: string) =>
    `${student} in ${arrangement}: ${group}. Change group`,
  moved: (student: string, group: string) => `${student} is now in ${group}.`,
  movedMany: (count: number, group: string) => `${plural(count, "student")} placed in ${group}.`,
  unplaced: (student: string) => `${student} is in no group now.`,
  selected: (count: number) => `${count} selected`,
  placeIn: "Place in a group",
  newCodes: "New entry codes",
  newCodesDone: (count: number) => `${plural(count, "new entry code")}. The old ones do not work any more.`,
  addToClass: "Add to a class",
  addedToClass: (count: number, name: string) => `${plural(count, "student")} added to ${name}.`,
  takenOut: (count: number, name: string) => `${plural(count, "student")} taken out of ${name}.`,
  addTag: "Tag…",
  tagName: "Tag",
  grantMany: "Grant something…",
  grantedToMany: (count: number, what: string) => `${what} is granted to ${plural(count, "student")}.`,
  tagged: (count: number, tag: string) => `${plural(count, "student")} tagged “${tag}”.`,
  archive: "Archive",
  archivedDone: (count: number) => `${plural(count, "student")} archived. Nothing is lost.`,
  bringBack: "Bring back",
  broughtBack: (count: number) => `${plural(count, "student")} brought back.`,
  escape: "Esc",
  nobody: "No student yet. Bring in a class list to begin.",
  nobodyShown: "Nobody fits this. Choose everyone in the bar below, or show everyone.",
  close: "Close",
  keys: { select: "select", scores: "type scores", find: "find" },
};

const short: Record<Mark["support"], (mark: Mark) => string> = {
  EXTENDED_TIME: (mark) => `${mark.amount}×`,
  UNTIMED: () => "untimed",
  EXTRA_DAYS: (mark) => `+${plural(mark.amount ?? 0, "day")}`,
  BREAKS: (mark) => `${mark.amount} min break`,
  READ_ALOUD: () => "aloud",
  LARGE_TEXT: () => "large text",
  FEWER_CHOICES: (mark) => `${mark.amount} choices`,
  FEWER_QUESTIONS: (mark) => `${mark.amount} % questions`,
  SEPARATE_PLACE: () => "own place",
  LANGUAGE_VERSION: (mark) => mark.detail,
  TOOL: (mark) => mark.detail,
};

const full: Record<Mark["support"], string> = {
  EXTENDED_TIME: "extended time",
  UNTIMED: "untimed",
  EXTRA_DAYS: "extra teaching days",
  BREAKS: "breaks",
  READ_ALOUD: "read aloud",
  LARGE_TEXT: "large text",
  FEWER_CHOICES: "fewer answer choices",
  FEWER_QUESTIONS: "fewer questions",
  SEPARATE_PLACE: "a separate place",
  LANGUAGE_VERSION: "language version",
  TOOL: "a tool allowed",
};

/** A need as a discreet mark, as it is called in full, and how much or which, where it has that. */
export function needMark(mark: Mark): { short: string; full: string; much: string } {
  const said = short[mark.support](mark);
  return {
    short: said,
    full: full[mark.support],
    much: mark.amount !== undefined || mark.detail !== "" ? said : "",
  };
}

export function supportName(support: Mark["support"]): string {
  return full[support];
}

/** When somebody was last here, seen from today. */
export function lastHere(instant: string | undefined, now: string, zone: string): string {
  if (!instant) {
    return words.never;
  }
  const local = (moment: string) =>
    dayjs(new Intl.DateTimeFormat("en-CA", { timeZone: zone }).format(new Date(moment)));
  const days = local(now).diff(local(instant), "day");
  if (days === 0) {
    return words.today(timeInZone(instant, zone));
  }
  if (days === 1) {
    return words.yesterday;
  }
  return days < 7 ? local(instant).format("ddd") : day(local(instant).format("YYYY-MM-DD"));
}
