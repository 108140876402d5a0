import dayjs from "dayjs";
import type { Schemas } from "../../api/client";
import { words as library } from "../../library/words";
import { time } from "../../shell/dates";
import { listed, plural } from "../../shell/plural";

type Bar = Schemas["WeekBar"];
type Session = Schemas["SessionShown"];

const weekdays = ["MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "FRIDAY", "SATURDAY", "SUNDAY"] as const;

export const words = {
  title: (monday: string) => `Week of ${dayjs(monday).format("D MMMM")}`,
  before: (monday: string) => `‹ ${dayjs(monday).subtract(7, "day").format("D MMM")}`,
  after: (monday: string) => `${dayjs(monday).add(7, "day").format("D MMM")} ›`,
  noArrangement: "no groups",
  thisWeek: "This week",
  copyLast: "Copy last week",
  print: "Print",
  printOwn: "The week, for yourself",
  printSubstitute: "A plan for whoever stands in",
  newTask: "New task",
  more: "More ▾",
  allTasks: "All tasks",
  moveOn: "Move this week on by a week",
  moveBack: "Move this week back by a week",
  handOutDrafts: (count: number) => `Hand out ${plural(count, "draft")}…`,
  stagger: "Let drafts open one after the other…",
  times: "When the class meets…",
  calendar: "Calendar for other programs…",
  everyone: "Everyone",
  notPlaced: "in no group",
  today: " · today",
  day: (day: string) => dayjs(day).format("ddd D"),
  dayLong: (day: string) => dayjs(day).format("dddd D MMMM"),
  closed: (why: string) => (why ? `no lessons: ${why}` : "no lessons"),
  longest: "longest day, with extra time",
  minutes: (count: number) => `${count} min`,
  fullest: (full: Schemas["FullestGroup"]) =>
    full.tooFull && full.name ? `${full.minutes} min · ${full.name}` : `${full.minutes} min`,
  tooFull: (limit: number) => `more than ${limit} min`,
  cell: (row: string, day: string) => `Add for ${row} on ${dayjs(day).format("dddd D MMMM")}`,
  bar: (bar: Bar) =>
    [
      bar.name,
      bar.versionName && bar.versionName,
      bar.minutes !== undefined && `${bar.minutes} min`,
      bar.doneFirst && "first",
    ]
      .filter(Boolean)
      .join(" · "),
  barAbout: (bar: Bar, members: number) =>
    [
      bar.state === "DRAFT" && "draft",
      bar.opens && `opens ${dayjs(bar.opens).format("ddd D MMM HH:mm")}`,
      bar.due && `due ${dayjs(bar.due).format("ddd D MMM HH:mm")}`,
      bar.of < members && `${bar.of} of ${members}`,
      bar.state === "HANDED_OUT" && `${bar.handedIn} handed in`,
      bar.conflicts > 0 && `${plural(bar.conflicts, "student")} with two versions`,
    ]
      .filter(Boolean)
      .join(" · "),
  someOf: (bar: Bar, members: number) => (bar.of > 0 && bar.of < members ? ` · ${bar.of} of ${members}` : ""),
  session: (session: Session) =>
    session.mine
      ? `at the table ${time(session.begins)}`
      : `at the table · ${session.adult.split(" ")[0]} ${time(session.begins)}`,
  sessionAbout: (session: Session) =>
    [session.title, `${session.minutes} min`, ...session.clashes].filter(Boolean).join(" · "),
  undated: "On no day yet",
  undatedAbout: "Drag onto a day, or press D.",
  none: "Nothing planned this week. Drag something from the right onto a day, or press a day.",
  ready: (name: string) => `${name} is ready for`,
  readyAbout: (members: number) => `of ${members}: how many need it · how many have what comes before`,
  readyLine: (skill: Schemas["ReadySkill"]) => `${skill.need} need · ${skill.footed} ready`,
  readyNone: "Nothing stands out. The library has more.",
  find: "Find in the library",
  nothingFound: "Nothing in the library has these words.",
  toLibrary: "All in the library",
  itemAbout: (item: Schemas["ReadyItem"]) =>
    [
      library.kinds[item.kind],
      item.level !== undefined && `${item.level}`,
      item.minutes !== undefined && `${item.minutes} min`,
    ]
      .filter(Boolean)
      .join(" · "),
  dragHint: "Drag one onto a day, or press A.",
  keys: { add: "add", days: "days", copy: "copy to a group" },
  menu: {
    open: "Open",
    days: "Days…",
    alsoFor: "Copy to a group",
    handOut: "Hand out…",
    settings: "What holds for this group…",
    only: "Only this group",
    all: "Everyone again",
  },
  add: {
    title: "Add to the week",
    what: "What",
    name: "What you call it",
    forWhom: "For",
    day: "On",
    opens: "Opens",
    due: "Due",
    minutes: "Minutes",
    limit: "Time limit in minutes",
    way: "Done",
    ways: {
      ON_SCREEN: "on the screen",
      HAND_IN: "handed in as text or files",
      OFF_SCREEN: "away from the screen",
      SESSION: "at the table with an adult",
    } satisfies Record<Schemas["NewTask"]["way"] & string, string> & { SESSION: string },
    closed: "There are no lessons on that day. Add it all the same?",
    go: "Add",
  },
  closedDay: {
    title: (day: string) =>
      `There are no lessons on ${dayjs(day).format("dddd D MMMM")}. Move it there all the same?`,
    go: "Move it",
  },
  days: { title: (name: string) => `Days of ${name}`, about: "Empty means no date.", keep: "Keep" },
  sessions: {
    title: "At the table",
    begins: "Begins",
    minutes: "Minutes",
    who: "With",
    what: "What you do (only adults see it)",
    groups: "Groups",
    wholeClass: "None chosen means the whole class.",
    remove: "Take it out",
  },
  cancel: "Cancel",
  keep: "Keep",
  added: (name: string, whom: string) => `${name} is planned for ${whom}.`,
  moved: (name: string) => `${name} has new days.`,
  alsoFor: (name: string, group: string) => `${group} gets ${name} too.`,
  sessionAdded: "The session is in the plan.",
  sessionMoved: "The session has another time.",
  sessionRemoved: "The session is out of the plan.",
  shifted: (shifted: Schemas["WeekShifted"], copy: boolean) => {
    const what = [
      shifted.tasks > 0 && plural(shifted.tasks, "task"),
      shifted.sessions.length > 0 && plural(shifted.sessions.length, "session"),
    ].filter((each): each is string => Boolean(each));
    if (what.length === 0) {
      return shifted.left.length > 0
        ? `Nothing moved: ${stay(shifted.left)}`
        : "There was nothing in that week.";
    }
    const left = shifted.left.length > 0 ? ` ${stay(shifted.left)}` : "";
    return `${listed(what)} ${copy ? "copied, as drafts" : "moved"}.${left}`;
  },
  handedOut: (count: number) => `${plural(count, "task")} handed out.`,
  handOutWeek: {
    title: "Hand out the drafts of this week",
    about: "Each goes to whom it is for; everybody else gets nothing from it, which is meant.",
    go: (count: number) => `Hand out ${count}`,
    line: (bar: Bar) =>
      [
        bar.opens && `opens ${dayjs(bar.opens).format("ddd HH:mm")}`,
        bar.due && `due ${dayjs(bar.due).format("ddd HH:mm")}`,
      ]
        .filter(Boolean)
        .join(", "),
  },
  staggering: {
    title: "One after the other",
    about: "In the order below; closed days are left out.",
    first: "The first opens",
    step: "Teaching days between",
    go: "Set the days",
    done: (count: number) => `${plural(count, "task")} open one after the other.`,
    need: "Choose two at least.",
  },
  classTimes: {
    title: "When the class meets",
    about: "Work dropped on a day opens when the class first meets.",
    limit: "A day is too full from (minutes)",
    weekday: "Day",
    at: "At",
    minutes: "Minutes",
    name: "Lesson",
    add: "Add a time",
    remove: "Remove this time",
    kept: "The times are kept.",
  },
  weekdays: Object.fromEntries(
    weekdays.map((day) => [day, day.charAt(0) + day.slice(1).toLowerCase()]),
  ) as Record<(typeof weekdays)[number], string>,
  feeds: {
    title: "Calendar for other programs",
    about:
      "Give an address to your calendar program; it reads there without a password. Whoever has the address can read it, so stop it when it is not needed any more.",
    all: "All my classes",
    thisClass: "This class",
    group: (name: string) => `Only ${name}`,
    make: "Make an address",
    none: "No address yet.",
    stop: (name: string) => `Stop ${name}`,
    stopShort: "Stop",
    stopped: "That address shows nothing any more.",
    copy: "Copy",
    copied: "The address is copied.",
    download: "Download as a file",
  },
  settings: {
    title: (group: string) => `What holds for ${group}`,
    about: "For everyone in the group, in each of their tasks that they have not begun.",
    tries: "Tries, at least",
    readAloud: "Texts and questions can be read aloud",
    tools: "Tools, with commas between",
    alongside: "What may lie beside the work (students read this)",
    kept: "Kept for the group.",
  },
  substitute: {
    title: (className: string, monday: string) =>
      `${className}: plan for the week of ${dayjs(monday).format("D MMMM")}`,
    groups: "Groups",
    sessions: "At the table",
    work: "To work on",
    nothing: "nothing",
  },
};

function stay(names: string[]): string {
  return `${listed(names)} ${names.length === 1 ? "stays" : "stay"}, because a student has begun.`;
}
