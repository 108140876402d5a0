import type { Schemas } from "../api/client";
import { plural } from "../shell/plural";

type Kind = Schemas["KindCount"]["kind"];

export const words = {
  title: "School",
  parts: {
    measures: "Measures",
    adults: "Adults",
    calendar: "Terms and closed days",
    lists: "School lists",
    "need-words": "Words for needs",
    backups: "Backups",
    leavers: "Who has left",
    history: "History",
  },
  needWords: {
    about:
      "What your lists call needs, as somebody who imported them said once. Forget a word, and the next list that uses it asks again; what was granted stays.",
    none: "Nothing yet. When a list names a need in words that Zafu does not know, it asks once what they mean, and keeps the answer here.",
    is: "is",
    forget: "Forget",
  },
  backups: {
    about:
      "Everything of the school in one file. One is made every night; the newest fourteen are kept. Each is opened once to see that it can be used.",
    make: "Make a backup now",
    making: "Making it…",
    made: (name: string) => `${name} is made and can be used.`,
    none: "No backup yet.",
    size: (bytes: number) => `${(bytes / 1024 / 1024).toFixed(1)} MB`,
  },
  keepersOnly:
    "What all classes share is changed by administrators and whom they name. A measure for your own class is yours to make.",
  only: (name: string) => `${name} only`,
  administrators: "This part is for the school's administrators.",
  keep: "Keep",
  cancel: "Cancel",
  kept: "Kept.",
  newMeasure: "New measure",
  change: "Change…",
  cuts: "Benchmarks…",
  archived: "put away",
  measure: {
    name: "Name",
    unit: "Unit",
    kind: "Scale",
    numeric: "numbers",
    ordered: "ordered levels",
    lowest: "Smallest value",
    highest: "Largest value",
    decimals: "Decimals",
    better: "Better is",
    higher: "higher",
    lower: "lower",
    error: "Standard error",
    errorHelp: "of measurement, if known",
    levels: "Levels, lowest first, one a line",
    which: "What counts",
    LATEST: "the latest value",
    BEST: "the best value",
    MEAN: "the mean of the last values",
    meanOf: "of how many",
    shelfLife: "Stale after days",
    archive: "Put away: not offered any more, nothing is lost",
  },
  scale: (measure: Schemas["MeasureCard"]) =>
    measure.levels.length > 0
      ? `${measure.levels.length} levels, ${measure.levels[0]} to ${measure.levels[measure.levels.length - 1]}`
      : `${measure.lowest} to ${measure.highest} ${measure.unit}`.trim(),
  counts: (measure: Schemas["MeasureCard"]) =>
    measure.whichCounts === "MEAN"
      ? `mean of the last ${measure.meanOf}`
      : measure.whichCounts === "BEST"
        ? "best counts"
        : "latest counts",
  cutsTitle: (name: string) => `Benchmarks of ${name}`,
  grade: "Grade",
  season: "Season",
  seasons: { AUTUMN: "autumn", WINTER: "winter", SPRING: "spring" },
  cutLines: "One a line, lowest first: where the band begins, and its name",
  cutExample: "521 below\n682 at benchmark\n822 above",
  cutUnread: (line: string) => `“${line}” is not a number and a name.`,
  newAdult: "New adult",
  adultName: "Name to sign in with",
  displayName: "Name that others see",
  password: "Password",
  passwordHelp: "at least 10 characters; they choose their own at the first sign-in",
  administrator: "looks after the school",
  cannotSignIn: "cannot sign in yet",
  mustChange: "has yet to choose a password",
  keepsShared: "looks after measures, skills and calendar",
  closed: "account closed",
  account: "Account…",
  accountOf: (name: string) => `Account of ${name}`,
  closeAccount: "Close the account",
  closeHelp:
    "Once it is closed, nobody can sign in with it, and whoever is signed in is signed out. Its classes stay, for when it is opened again.",
  openAccount: "Open the account again",
  accountClosed: (name: string) => `The account of ${name} is closed.`,
  accountOpened: (name: string) => `The account of ${name} can be opened again.`,
  reset: "New password…",
  resetDone: (name: string) => `${name} has a new password and chooses their own at the next sign-in.`,
  noClass: "no class",
  giveRole: "Give a class…",
  classLabel: "Class",
  takeRole: (className: string, name: string) => `Take ${className} from ${name}`,
  term: "Term",
  from: "from",
  to: "to",
  addTerm: "Another term",
  day: {
    title: "The school day",
    about: "Students read “tomorrow, before lunch” where a time is one of these.",
    starts: "School begins",
    lunchStarts: "Lunch begins",
    lunchEnds: "Lunch ends",
    ends: "School ends",
  },
  closedDays: "Closed days, one a line: day and reason",
  closedExample: "2027-02-15 Harbour day",
  closedUnread: (line: string) => `“${line}” does not begin with a day like 2027-02-15.`,
  bundleTitle: "OneRoster bundle",
  bundleHelp:
    "A zip of CSV files, version 1.1 or 1.2, from your school's system. You see what would change first.",
  choose: "Choose a bundle…",
  give: "Save ours as a bundle",
  tooLarge: "The file is over 40 MB, more than Zafu reads.",
  take: (count: number) => `Apply ${plural(count, "change")}`,
  nothing: "All of it is here already.",
  leave: "Leave it",
  applied: (count: number) => `${plural(count, "change")} applied.`,
  leftOut: (count: number) =>
    `${plural(count, "line")} cannot be used and ${count === 1 ? "is" : "are"} left out:`,
  systemTitle: "School information system",
  systemHelp:
    "Zafu asks it on demand and, if you like, every night, and shows what changed. Nothing is applied by itself.",
  address: "Address",
  token: "Token",
  tokenHelp: (kept: boolean) =>
    kept ? "one is kept; leave blank to keep it" : "as the system's keeper gave it",
  nightly: "ask every night at three",
  pull: "Ask now",
  pulling: "Asking…",
  states: {
    WAITING: "waiting for you",
    NOTHING_NEW: "nothing new",
    TAKEN: "applied",
    LEFT: "left",
    FAILED: "failed",
  } satisfies Record<Schemas["PullShown"]["state"], string>,
  past: "What came into the whole school",
};

const changeKinds: Record<Kind, readonly [one: string, many: string]> = {
  NEW_TERM: ["new term", "new terms"],
  NEW_CLASS: ["new class", "new classes"],
  CLASS_LINKED: ["class recognised", "classes recognised"],
  CLASS_RENAMED: ["class renamed", "classes renamed"],
  CLASS_BACK: ["class comes back", "classes come back"],
  NEW_STUDENT: ["new student", "new students"],
  STUDENT_LINKED: ["student recognised", "students recognised"],
  STUDENT_CHANGED: ["student changed", "students changed"],
  STUDENT_BACK: ["student comes back", "students come back"],
  STUDENT_GONE: ["student gone", "students gone"],
  JOINS_CLASS: ["joins a class", "join a class"],
  LEAVES_CLASS: ["leaves a class", "leave a class"],
  NEW_ADULT: ["new adult", "new adults"],
  ROLE_GIVEN: ["adult given a class", "adults given a class"],
  ROLE_TAKEN: ["adult leaves a class", "adults leave a class"],
  NEW_MEASURE: ["new measure", "new measures"],
  SCORES: ["score", "scores"],
  NEED_GRANTED: ["need granted", "needs granted"],
  NEED_ENDED: ["need ended", "needs ended"],
};

/** What a kind of change is called, of one or of many. */
export function changeKind(kind: Kind, count: number): string {
  return changeKinds[kind][count === 1 ? 0 : 1];
}
