import type { Schemas } from "../api/client";
import { dayAndTime } from "../shell/dates";
import { listed, plural } from "../shell/plural";

type Version = Schemas["VersionShown"];
type Recipient = Schemas["Recipient"];
type Field = Version["overrides"][number];

export const words = {
  title: "Plan",
  about: "tasks and their versions",
  newTask: "New task",
  none: "No task yet. A task has a base that all share, and versions for some.",
  taskName: "What you call it",
  forGroups: "For the groups of",
  noGroups: "no arrangement",
  make: "Make it",
  cancel: "Cancel",
  states: { DRAFT: "draft", HANDED_OUT: "handed out", TAKEN_BACK: "taken back" } satisfies Record<
    Schemas["TaskView"]["state"],
    string
  >,
  card: (card: Schemas["TaskCard"]) =>
    [
      `${card.covered} of ${plural(card.students, "student")}`,
      card.versions > 0 && plural(card.versions, "version"),
      card.opens && `opens ${dayAndTime(card.opens)}`,
      card.due && `due ${dayAndTime(card.due)}`,
      card.conflicts > 0 && `${plural(card.conflicts, "student")} with two versions`,
    ]
      .filter(Boolean)
      .join(" · "),
  back: "‹ tasks",
  handOut: "Hand out…",
  takeBack: "Take back",
  takenBack: "Taken back. What students gave stays kept.",
  handedOut: (students: number) => `Handed out to ${plural(students, "student")}.`,
  handOutAgain: "Hand out",
  rename: "Name of the task",
  who: "Who gets what",
  counts: {
    one: (count: number) => `${count} ${count === 1 ? "gets" : "get"} one version`,
    conflict: (count: number) => `${count} ${count === 1 ? "gets" : "get"} two`,
    none: (count: number) => `${count} ${count === 1 ? "gets" : "get"} none`,
  },
  allGood: "Every student gets exactly one version.",
  conflictTitle: (student: string) => `${student} gets two versions`,
  conflictWhich: "Which one?",
  conflictClaim: (version: string, via: string) => `${via} gives ${version}`,
  via: { STARTED: "Started work", NAME: "By name, it", GROUPS: "", EVERYONE: "Everyone" },
  noneTitle: (names: string[]) => `${listed(names)} ${names.length === 1 ? "gets" : "get"} nothing`,
  noneWhy: "No version reaches them.",
  giveBase: "Give the base",
  leaveOut: "Leave out",
  leftOut: "Left out: they get nothing from this task.",
  base: "Base",
  baseAbout: "what all share",
  newVersion: "New version",
  versionName: (number: number) => `Version ${number}`,
  removeVersion: "Remove this version",
  forWhom: "for whom",
  nobody: "nobody yet",
  everyone: "everyone",
  gets: (count: number) => `${count}`,
  fields: {
    TITLE: "title a student sees",
    TEXTS: "text",
    QUESTIONS: "questions",
    MINUTES: "time limit",
    OPENS: "opens",
    DUE: "due",
    CLOSES: "closes",
    TRIES: "tries",
  } satisfies Record<Field, string>,
  students: "students",
  level: (level: number) => `level ${level}`,
  empty: "–",
  none_: "none",
  minutes: (minutes: number) => `${minutes} min`,
  includes: "time already includes accommodations",
  questionCount: (count: number, points: number) => `${count} · ${plural(points, "point")}`,
  follow: "Follow the base",
  keep: "Keep",
  noLimit: "Empty means no limit.",
  noDate: "Empty means no date.",
  onTop: "On top, from each student's needs",
  onTopAbout: "nothing to copy, nothing to remember",
  noNeeds: "Nobody who gets this task needs more time or more days.",
  untimed: "untimed",
  dueMoved: (due: string) => `due ${dayAndTime(due)}`,
  edit: (field: string, version: string) => `${field} of ${version}`,
  keys: { edit: "open cell", back: "back to base", version: "new version" },
  targets: {
    title: (version: string) => `For whom is “${version}”?`,
    everyone: "Everyone in the class",
    groups: "Groups",
    students: "Single students",
    except: "Except",
    staffName: "Name among teachers",
    noGroups: "There are no groups yet.",
  },
  library: {
    texts: "Texts",
    questions: "Questions",
    newText: "Write a text",
    newSet: "Write questions",
    none: "Nothing in the library yet.",
    editSet: "Change",
    all: "all",
    find: "Find in the library",
    more: (count: number) => `${count} more; search to find them`,
  },
  handOutDialog: {
    title: "Hand out",
    list: "What will happen",
    stops: "First",
    look: "Look once more",
    confirm: (names: string[]) =>
      `${listed(names)} ${names.length === 1 ? "is" : "are"} meant to get nothing`,
    go: "Hand out",
  },
};

export function versionName(version: Version): string {
  return version.base ? words.base : version.staffName;
}

/** "Why": the minutes of a student and where they come from. */
export function timeReason(terms: Schemas["TermsShown"]): string {
  return terms.reason === "EXTENDED" ? `= ${terms.set} × ${terms.factor}` : "";
}

/** Who gets a version, when and with how long, in one plain sentence. */
export function handOutSentence(version: Version, students: Recipient[]): string {
  const parts = [
    version.opens ? `opens ${dayAndTime(version.opens)}` : "can be seen at once",
    version.due && `due ${dayAndTime(version.due)}`,
    version.closes && `closes ${dayAndTime(version.closes)}`,
    version.minutes === undefined ? "no time limit" : words.minutes(version.minutes),
  ].filter(Boolean);
  return `${plural(students.length, "student")} ${students.length === 1 ? "gets" : "get"} “${version.title}” as ${versionName(version)}: ${parts.join(", ")}.`;
}

/** What a student gets beyond the version, in one plain sentence. */
export function onTopSentence(student: Recipient): string {
  const terms = student.terms;
  const time =
    terms?.reason === "UNTIMED"
      ? "works without a time limit"
      : terms?.reason === "EXTENDED"
        ? `has ${terms.minutes} min instead of ${terms.set}`
        : "";
  const days = terms && terms.extraDays > 0 && terms.due ? `hands in by ${dayAndTime(terms.due)}` : "";
  return `${student.givenName} ${[time, days].filter(Boolean).join(" and ")}.`;
}

export function problemSentence(problem: Schemas["TaskProblem"], versions: Version[]): string {
  const version = versions.find((each) => each.id === problem.versionId);
  const name = version ? `“${versionName(version)}”` : "";
  switch (problem.kind) {
    case "CONFLICTS":
      return `${plural(problem.students.length, "student")} would get two versions. Choose one for each.`;
    case "NOT_COVERED":
      return `${plural(problem.students.length, "student")} would get nothing.`;
    case "NOBODY":
      return "Nobody gets this task yet. Choose for whom a version is.";
    case "NOTHING_TO_DO":
      return `${name} has no question yet.`;
    case "NO_TITLE":
      return `${name} has no title for students.`;
    case "DATES_OUT_OF_ORDER":
      return `The dates of ${name} are out of order: it opens, is due, then closes.`;
    case "OPENS_ON_CLOSED_DAY":
      return `${name} opens on a day without lessons.`;
    case "DUE_ON_CLOSED_DAY":
      return `${name} is due on a day without lessons.`;
  }
}
