import type { Schemas } from "../api/client";
import { plural } from "../shell/plural";
import { rangeText, scoreText } from "../shell/score";
import type { ItemKind } from "./itemDraft";

type Hit = Schemas["Hit"];

const kinds: Record<ItemKind, string> = {
  TEXT: "text",
  PRACTICE: "practice",
  QUIZ: "quiz",
  LESSON: "at the table",
  PRINTABLE: "to print",
  LINK: "link",
  TALK: "to talk about",
  OFF_SCREEN: "away from the screen",
};

const newKinds: Record<ItemKind, string> = {
  TEXT: "a text to read",
  PRACTICE: "practice",
  QUIZ: "a quiz",
  LESSON: "a lesson at the table",
  PRINTABLE: "a sheet to print",
  LINK: "a link",
  TALK: "something to talk about",
  OFF_SCREEN: "something away from the screen",
};

const links: Record<NonNullable<Hit["link"]>, string> = {
  GOOD: "opens",
  MOVED: "has moved",
  GONE: "does not open",
  SLOW: "does not answer",
  REFUSES: "lets nobody in",
  INSIDE: "leads into a network of our own",
};

const languageNames = new Intl.DisplayNames("en", { type: "language" });

export const words = {
  title: "Library",
  search: "cause, marsh, tide table…",
  units: "units",
  skills: "skills",
  shelf: (group: string) => `${group}'s shelf`,
  write: "Write…",
  bringIn: "Bring in…",
  kinds,
  newKinds,
  links,
  language: (tag: string) => languageNames.of(tag) ?? tag,
  forGroup: (name: string) => `For ${name}`,
  forEveryone: "For everyone",
  levelAbout: (median: number, low: number, high: number, levels: string[]) =>
    `median ${levelText(median, levels)}, ${levelText(low, levels)} to ${levelText(high, levels)}`,
  noLevels: "No scores on this measure yet",
  levelOf: (measure: string) => `Levels on ${measure}`,
  levels: (low: string, high: string) => `levels ${low} to ${high}`,
  allLevels: "all levels",
  suits: "what suits them",
  facets: {
    skill: "Skill",
    kind: "Kind",
    language: "Language",
    grade: "Grade",
    tag: "Tag",
    minutes: "Minutes",
  },
  atMost: (minutes: number) => `at most ${minutes}`,
  starred: "starred",
  unused: (group: string) => `new to all of ${group}`,
  mine: "made by me",
  on: "on",
  more: (count: number) => `${count} more`,
  fewer: "fewer",
  unit: (title: string) => `Unit: ${title}`,
  fit: (count: number) => (count === 1 ? "1 fits" : `${count} fit`),
  order: "best first: skill, level, starred, new to them",
  noneFit: "Nothing fits all of this.",
  clear: "Show everything",
  empty: "The library is empty. Write something, or bring in a package.",
  list: "What fits",
  star: (title: string) => `Star ${title}`,
  about: (hit: Hit, students: number) => aboutHit(hit, students),
  minutes: (minutes: number) => `${minutes} min`,
  level: (low: number, high: number, levels: string[] = []) =>
    low === high ? levelText(low, levels) : rangeText(low, high, { levels, decimals: 0 }),
  preview: "Preview",
  asStudent: "as a student sees it",
  largeText: "large text",
  fewerChoices: "fewer choices",
  readAloud: "Read aloud",
  stopReading: "Stop reading",
  answers: (count: number, points: number) => `${plural(count, "question")} · ${plural(points, "point")}`,
  withAnswers: "with answers",
  byTeacher: "the teacher marks",
  needs: (names: string[]) => `needs ${names.join(", ")}`,
  needsHeld: (name: string, held: number) => `needs: ${name}, held by ${held}`,
  madeBy: (name: string) => `made by ${name}`,
  writtenHere: "written here",
  aims: "Aims",
  steps: "Steps",
  materials: "What you need",
  putOnShelf: (group: string) => `Put on ${group}'s shelf`,
  takeOffShelf: (group: string) => `Take off ${group}'s shelf`,
  putOnAShelf: "Put on a shelf…",
  makeTask: "Make a task",
  intoDraft: "Into a draft…",
  inDraft: (task: string) => `It is in “${task}”.`,
  onShelf: (title: string, group: string) => `“${title}” is on ${group}'s shelf.`,
  offShelf: (title: string, group: string) => `“${title}” is off ${group}'s shelf.`,
  moreDeeds: "More",
  edit: "Change it",
  copy: "Make a copy of my own",
  remove: "Put it away",
  give: "Save as a package (QTI 3.0)",
  giveAll: "Export all",
  giveAllAbout: "All items you see, as a package (QTI 3.0) that another school can import",
  giveOld: "Save as a package (QTI 2.1)",
  removed: (title: string) => `“${title}” is put away. Tasks that use it go on.`,
  copied: (title: string) => `“${title}” is yours to change.`,
  checkLinks: "Check the links now",
  checking: "The links are being checked…",
  checked: (broken: number) =>
    broken === 0 ? "All links open." : `${plural(broken, "link")} ${broken === 1 ? "does" : "do"} not open.`,
  private: "only you",
  keys: { shelf: "shelf", task: "task", star: "star", look: "look through" },
};

function levelText(value: number, levels: string[]): string {
  return scoreText(value, { levels, decimals: 0 });
}

function aboutHit(hit: Hit, students: number): string {
  const parts = [
    hit.questions > 0 && hit.kind !== "LINK"
      ? `${words.kinds[hit.kind]} with ${plural(hit.questions, "question")}`
      : words.kinds[hit.kind],
    // What everybody holds is no news.
    ...hit.needs
      .filter((need) => need.heldBy < students)
      .map((need) => words.needsHeld(need.name, need.heldBy)),
    hit.kind === "LESSON" ? "" : usedBy(hit.usedBy, students),
    hit.language === "en" ? "" : words.language(hit.language),
    hit.visibility === "PRIVATE" ? words.private : "",
  ];
  return parts.filter((part) => part !== "").join(" · ");
}

function usedBy(used: number, students: number): string {
  if (students === 0) {
    return "";
  }
  return used === 0
    ? `new to all ${students}`
    : `${used} of ${students} ${used === 1 ? "has" : "have"} had it`;
}
