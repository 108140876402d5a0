import dayjs from "dayjs";
import type { Schemas } from "../api/client";
import { dayAndTime, dayOnly } from "../shell/dates";
import { listed, plural } from "../shell/plural";
import { needMark } from "../students/words";

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
  back: "‹ the week",
  toWeek: "‹ the week",
  tasksTitle: "All tasks",
  handOut: "Hand out…",
  takeBack: "Take back…",
  undo: {
    said: (step: Schemas["TaskLastStep"]) => `kept ${dayjs(step.at).format("ddd HH:mm")} · ${step.by}`,
    button: "Undo",
    done: "Taken back.",
  },
  takenBack: "Taken back. What students gave stays kept.",
  handedOut: (students: number) => `Handed out to ${plural(students, "student")}.`,
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
    INSTRUCTIONS: "what to do",
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
  workKinds: {
    QUIZ: "quiz",
    PRACTICE: "practice",
    READING: "reading",
    LESSON: "lesson",
    PROJECT: "project",
  } satisfies Record<Schemas["TaskView"]["workKind"], string>,
  ways: {
    ON_SCREEN: "on the screen",
    HAND_IN: "handed in as text or files",
    OFF_SCREEN: "away from the screen",
  } satisfies Record<Schemas["TaskView"]["way"], string>,
  feedbacks: {
    AS_THEY_GO: "while they work, answer by answer (practice)",
    WHEN_HANDED_IN: "when they hand in",
    AFTER_DUE: "when the due time is over",
    AFTER_MARKING: "when I give it back",
  } satisfies Record<Schemas["TaskView"]["feedback"], string>,
  aboutTask: (task: Schemas["TaskView"]) =>
    [
      words.workKinds[task.workKind],
      task.way !== "ON_SCREEN" && words.ways[task.way],
      task.doneFirst && "to be done first",
      words.states[task.state],
    ]
      .filter(Boolean)
      .join(" · "),
  settings: {
    button: "More ▾",
    title: "About this task",
    about: "Kind, how it is done, classes…",
    kind: "Counts as",
    kindAbout: "Needs that are granted for some kinds of work go by this.",
    way: "Done",
    feedback: "Students see what was right",
    first: "Must be done first: it holds back a student's other work until it is handed in",
    classes: "Other classes that get it too",
    ownDates: "Own dates there",
    noClasses: "You have no other class.",
    remove: "Remove this draft",
    removed: (name: string) => `${name} is removed.`,
    stagger: "Let versions open one after the other…",
    staggerTitle: "Versions one after the other",
    staggerAbout: "Each version opens so many teaching days after the one before; due and closes follow.",
    staggered: "The versions open one after the other.",
  },
  adjust: {
    title: "Eased for some",
    about: "apart from the version, on top of any",
    none: "Nobody has more time, other dates or more tries than their version says.",
    add: "Ease for some…",
    dialog: "Ease for some",
    which: "What is eased",
    rule: "Each keeps the more generous of this and what they have.",
    change: (whom: string) => `Change what is eased for ${whom}`,
    remove: (whom: string) => `Take away what is eased for ${whom}`,
    removeShort: "Take away",
    reached: (count: number) => plural(count, "student"),
    nobody: "Choose for whom.",
    nothing: "Choose what is eased.",
    parts: {
      MINUTES: "time limit",
      OPENS: "opens",
      DUE: "due",
      CLOSES: "closes",
      TRIES: "tries",
    } satisfies Record<Schemas["AdjustmentShown"]["sets"][number], string>,
    without: {
      MINUTES: "no time limit",
      OPENS: "open at once",
      DUE: "no due date",
      CLOSES: "never closes",
      TRIES: "",
    } satisfies Record<Schemas["AdjustmentShown"]["sets"][number], string>,
  },
  effects: {
    title: "This reaches students",
    about: "They can see the task already.",
    go: "Change it",
    also: (names: string[]) =>
      `Also for ${listed(names)}, who ${names.length === 1 ? "is" : "are"} working on it now: their time and end change at once`,
    keep: (names: string[]) =>
      `${listed(names)} ${names.length === 1 ? "is" : "are"} working on it now and ${names.length === 1 ? "keeps" : "keep"} the time they began with.`,
  },
  takeBackDialog: {
    title: "Take back",
    all: "From everybody",
    some: "From some",
    running: (names: string[]) =>
      `${listed(names)} ${names.length === 1 ? "is" : "are"} working on it now and cannot go on. What they did so far is kept.`,
    handedIn: (count: number) => `${plural(count, "student")} handed in already; that stays kept.`,
    nobody: "Nobody is working on it now.",
    go: "Take back",
    someDone: (names: string[]) => `Taken back from ${listed(names)}.`,
  },
  offer: {
    title: (name: string) => `What ${name} needs has changed since they began`,
    line: (had: string, now: string) => `They have ${had}; it would be ${now} now.`,
    give: "Give it",
    given: "The running try has the new time.",
  },
  extend: (name: string) => `Ease for ${name}`,
  supports: (marks: Schemas["NeedMark"][], questionsLeft: number | undefined) =>
    [
      questionsLeft !== undefined && plural(questionsLeft, "question"),
      ...marks
        .filter((mark) => !timed.has(mark.support))
        .map((mark) => needMark(mark).much || needMark(mark).full),
    ]
      .filter(Boolean)
      .join(", "),
  ticks: {
    title: "Done away from the screen",
    about: "Tick who has done it.",
  },
  handed: {
    title: "Handed in",
    open: (name: string) => `What ${name} handed in`,
    none: "Nobody has handed in yet.",
    running: "not handed in yet",
    noText: "no text",
  },
  seeAs: {
    button: "See as…",
    title: "See as a student",
    student: "Student",
    at: "At",
    atAbout: "Empty means now.",
    go: "Open the page",
    back: "‹ back to the task",
    banner: (name: string, at: string) => `As ${name} sees it ${at}. Nothing is saved by looking.`,
    now: "now",
    openPage: "Open this task",
    backToPage: "‹ back to the page",
  },
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

const timed = new Set<Schemas["NeedMark"]["support"]>([
  "EXTENDED_TIME",
  "UNTIMED",
  "EXTRA_DAYS",
  "FEWER_QUESTIONS",
]);

/** Whether a student has anything beyond what their version says. */
export function isEased({ terms }: Recipient): boolean {
  return (
    terms !== undefined &&
    (terms.reason === "EXTENDED" ||
      terms.reason === "UNTIMED" ||
      terms.reason === "FOR_THIS_STUDENT" ||
      terms.extraDays > 0 ||
      terms.eased.length > 0 ||
      terms.onTop.length > 0)
  );
}

/** "Why": the minutes of a student and where they come from. */
export function timeReason(terms: Schemas["TermsShown"]): string {
  switch (terms.reason) {
    case "EXTENDED":
      return `= ${terms.set} × ${terms.factor}`;
    case "FOR_THIS_STUDENT":
      return "set for this student";
    default:
      return terms.eased.includes("MINUTES") ? "eased" : "";
  }
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
        : terms?.reason === "FOR_THIS_STUDENT" || terms?.eased.includes("MINUTES")
          ? terms.minutes === undefined
            ? "works without a time limit"
            : `has ${terms.minutes} min`
          : "";
  const moved = terms && (terms.extraDays > 0 || terms.eased.includes("DUE"));
  const days = moved && terms.due ? `hands in by ${dayAndTime(terms.due)}` : "";
  const more = terms ? words.supports(terms.onTop, terms.questionsLeft) : "";
  return `${student.givenName} ${[time, days, more && `has ${more}`].filter(Boolean).join(" and ")}.`;
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
      return `${name} has nothing to do yet.`;
    case "NO_TITLE":
      return `${name} has no title for students.`;
    case "DATES_OUT_OF_ORDER":
      return `The dates of ${name} are out of order: it opens, is due, then closes.`;
    case "OPENS_ON_CLOSED_DAY":
      return `${name} opens on a day without lessons.`;
    case "DUE_ON_CLOSED_DAY":
      return `${name} is due on a day without lessons.`;
    case "OPENS_IN_PAST":
      return `${name} opens in the past, so it can be seen at once.`;
    case "BROKEN_LINK":
      return `${listed(problem.names)} ${problem.names.length === 1 ? "does" : "do"} not open when followed.`;
    case "GIVES_AWAY":
      return `Students can read ${listed(problem.names.map((each) => `“${each}”`))} in a title, so they could tell which version they have.`;
    case "DAY_TOO_FULL":
      return `On ${dayOnly(problem.day)} somebody would have ${problem.minutes} min of work in all.`;
    case "SERIES_DRAFTS":
      return `${listed(problem.names)} of the same series ${problem.names.length === 1 ? "is" : "are"} not handed out.`;
  }
}
