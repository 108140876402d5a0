import dayjs from "dayjs";
import type { Schemas } from "../api/client";
import { words as libraryWords } from "../library/words";
import { dayAndTime, time } from "../shell/dates";
import { listed, plural } from "../shell/plural";

type Today = Schemas["Today"];
type Thing = Schemas["Thing"];

export const words = {
  title: (now: string) => dayjs(now).format("dddd D MMMM, HH:mm"),
  about: (today: Today, className: string) => {
    const next = today.nextMeeting;
    if (!next) {
      return className;
    }
    const minutes = dayjs(`${today.localNow.slice(0, 10)}T${next}`).diff(dayjs(today.localNow), "minute");
    return minutes <= 90
      ? `next lesson in ${plural(minutes, "minute")} · ${className}`
      : `next lesson ${next.slice(0, 5)} · ${className}`;
  },
  nothing: "Nothing needs you here now. Groups, tasks and scores are as you left them.",
  firstSteps: {
    title: "First steps",
    isDone: "✓ done",
    skip: "I know my way, do not show this again",
    away: "The first steps are put away. Help stays at the top of every page.",
    students: {
      done: "The class is here",
      about: "students come from a file, a pasted list or a class code",
    },
    scores: {
      what: "Bring in scores",
      about: "a reading level or any result; type it in or take it from a file",
      go: "Type scores",
      to: "scores",
    },
    groups: {
      what: "Form groups",
      about: "choose what they are to have in common, look at the proposal, take it",
      go: "Form groups",
      to: "arrange",
    },
    task: {
      what: "Give them a task",
      about: "one task, a version for each group where it must differ",
      go: "Plan a task",
      to: "plan",
    },
  },
  before: "Before the bell",
  waiting: "Waiting for you",
  groups: "Today for each group",
  soon: "Opens and due until tomorrow",
  moves: (arrangement: string) => `New scores suggest, in ${arrangement}`,
  keys: { move: "next, before", act: "do it" },
  draft: {
    title: (draft: Schemas["Draft"]) => `${draft.name} is still a draft`,
    about: (draft: Schemas["Draft"]) =>
      draft.opens
        ? `it should open ${dayAndTime(draft.opens)} for ${plural(draft.students, "student")}`
        : `made ${dayjs(draft.made).format("ddd D MMM")}, on no day yet`,
    look: "Look",
    handOut: "Hand out…",
  },
  conflict: {
    title: (task: Schemas["TaskConflict"]) =>
      `${listed(task.students)} would get two versions of ${task.name}`,
    about: (task: Schemas["TaskConflict"]) =>
      task.state === "DRAFT" ? "it cannot be handed out so" : "they see neither until you choose",
    choose: "Choose",
  },
  notPlaced: (names: string[], arrangement: string) =>
    `${namedOrCounted(names)} ${names.length === 1 ? "is" : "are"} in no group of ${arrangement}`,
  place: "Place",
  link: (each: Schemas["BrokenLink"]) => `${each.title} ${libraryWords.links[each.state]}`,
  usedIn: (names: string[]) => `in front of students: ${listed(names)}`,
  find: (title: string) => `Find “${title}”`,
  findAnother: "Look at it",
  reported: {
    title: "A student reported what was said",
    about: (groups: string[]) => `in the corner of ${listed(groups)}`,
    look: "Look at it",
  },
  toMark: {
    title: "Work waits to be marked",
    about: (tasks: string[]) => listed(tasks),
    look: "Mark",
  },
  low: {
    title: "Low results, not asked for again",
    about: (tasks: string[]) => listed(tasks),
    look: "Another try…",
  },
  unread: {
    title: "New in the corners",
    about: (groups: string[]) => listed(groups),
    look: "Read",
  },
  overdue: {
    title: (task: Schemas["Overdue"]) => `${task.name} is overdue`,
    about: (task: Schemas["Overdue"]) => listed(task.students.map((each) => each.givenName)),
    extend: "Give a day more",
    extendFor: (name: string) => `Give a day more for ${name}`,
    extended: (task: Schemas["Overdue"]) =>
      `${plural(task.students.length, "student")} ${task.students.length === 1 ? "has" : "have"} a day more for ${task.name}.`,
    look: "Look",
  },
  idle: {
    title: (names: string[]) =>
      `${namedOrCounted(names)} ${names.length === 1 ? "has" : "have"} nothing to do this week`,
    about: "no task is open for them, or opens",
    plan: "Plan",
  },
  askToJoin: {
    title: (count: number) => `${plural(count, "student")} ${count === 1 ? "asks" : "ask"} to join the class`,
    about: "with the class code",
    look: "Look",
  },
  nothingToday: "nothing planned",
  thing: (thing: Thing): string => {
    const at = thing.at ? thing.at.slice(0, 5) : "";
    switch (thing.kind) {
      case "SESSION":
        return `at the table with ${thing.adult.split(" ")[0]} ${at}${thing.name ? ` (${thing.name})` : ""}`;
      case "OPENS":
        return [`${thing.name} opens ${at}`, minutes(thing)].filter(Boolean).join(" · ");
      case "OPEN":
        return [thing.name, minutes(thing)].filter(Boolean).join(" · ");
      case "DUE":
        return [`${thing.name}, due today`, minutes(thing)].filter(Boolean).join(" · ");
    }
  },
  soonLine: (soon: Schemas["Soon"], today: string) => {
    const day = soon.at.startsWith(today) ? "today" : dayjs(soon.at).format("ddd");
    return `${soon.moment === "OPENS" ? "opens" : "due"} ${day} ${time(soon.at)}, ${plural(soon.students, "student")}`;
  },
  move: (each: Schemas["Move"]) => `${each.from} → ${each.to}`,
  moveKind: (each: Schemas["Move"]) => (each.up ? "move up" : "move down"),
  values: (each: Schemas["Move"], measure: string) => `${measure}: ${each.before} became ${each.now}`,
  doMove: (each: Schemas["Move"]) => `Move ${each.givenName}`,
  doMoveShort: "Move",
  moved: (each: Schemas["Move"]) => `${each.givenName} moved to ${each.to}.`,
  doAll: (count: number) => `Move all ${count}`,
  allMoved: (count: number) => `${plural(count, "student")} moved.`,
  lookAtBench: "Look at the bench",
};

function minutes(thing: Thing): string {
  if (thing.minutes === undefined) {
    return "";
  }
  return [`${thing.minutes} min`, ...thing.eased].join(", ");
}

const MOST_NAMES = 5;

/** A few by name, many by their number. */
function namedOrCounted(names: string[]): string {
  return names.length > MOST_NAMES ? plural(names.length, "student") : listed(names);
}
