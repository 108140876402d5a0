import dayjs from "dayjs";
import type { Schemas } from "../api/client";
import { wordsOf, wordsWith } from "../languages/words";
import { words as libraryWords } from "../library/words";
import { dayAndTime, spell, time } from "../shell/dates";

const said = wordsOf("today");

type Today = Schemas["Today"];

type Thing = Schemas["Thing"];

export const words = wordsWith("today", {
  title: (now: string) => spell(now, "now"),
  about: (today: Today, className: string) => {
    const next = today.nextMeeting;
    if (!next) {
      return className;
    }
    const minutes = dayjs(`${today.localNow.slice(0, 10)}T${next}`).diff(dayjs(today.localNow), "minute");
    return minutes <= 90
      ? said.aboutSays.nextLessonIn({ minutes, className })
      : said.aboutSays.nextLesson({ next: next.slice(0, 5), className });
  },
  draft: {
    title: (draft: Schemas["Draft"]) => said.draft.titleSays({ name: draft.name }),
    about: (draft: Schemas["Draft"]) =>
      draft.opens
        ? said.draft.aboutSays.shouldOpenFor({ opens: dayAndTime(draft.opens), students: draft.students })
        : said.draft.aboutSays.madeOnNo({ made: spell(draft.made, "weekdayDay") }),
  },
  conflict: {
    title: (task: Schemas["TaskConflict"]) =>
      said.conflict.titleSays({ students: task.students, name: task.name }),
    about: (task: Schemas["TaskConflict"]) =>
      task.state === "DRAFT"
        ? said.conflict.aboutSays.cannotBeHanded
        : said.conflict.aboutSays.theySeeNeither,
  },
  notPlaced: (names: string[], arrangement: string) =>
    said.notPlacedSays({ who: namedOrCounted(names), arrangement, count: names.length }),
  link: (each: Schemas["BrokenLink"]) => `${each.title} ${libraryWords.links[each.state]}`,
  overdue: {
    title: (task: Schemas["Overdue"]) => said.overdue.titleSays({ name: task.name }),
    about: (task: Schemas["Overdue"]) =>
      said.overdue.aboutSays({ students: task.students.map((each) => each.givenName) }),
    extended: (task: Schemas["Overdue"]) =>
      said.overdue.extendedSays({ studentsCount: task.students.length, name: task.name }),
  },
  idle: {
    title: (names: string[]) => said.idle.titleSays({ who: namedOrCounted(names), count: names.length }),
  },
  thing: (thing: Thing): string => {
    const at = thing.at ? thing.at.slice(0, 5) : "";
    switch (thing.kind) {
      case "SESSION":
        return said.thingSays.atTableWith({
          adult: thing.adult.split(" ")[0],
          at,
          more: thing.name ? ` (${thing.name})` : "",
        });
      case "OPENS":
        return [said.thingSays.opens({ name: thing.name, at }), minutes(thing)].filter(Boolean).join(" · ");
      case "OPEN":
        return [thing.name, minutes(thing)].filter(Boolean).join(" · ");
      case "DUE":
        return [said.thingSays.dueToday({ name: thing.name }), minutes(thing)].filter(Boolean).join(" · ");
    }
  },
  soonLine: (soon: Schemas["Soon"], today: string) => {
    const day = soon.at.startsWith(today) ? said.soonLineSays.today : spell(soon.at, "weekday");
    return said.soonLineSays.students({
      more: soon.moment === "OPENS" ? said.soonLineSays.opens : said.soonLineSays.due,
      day,
      at: time(soon.at),
      students: soon.students,
    });
  },
  move: (each: Schemas["Move"]) => `${each.from} → ${each.to}`,
  moveKind: (each: Schemas["Move"]) => (each.up ? said.moveKindSays.moveUp : said.moveKindSays.moveDown),
  values: (each: Schemas["Move"], measure: string) =>
    said.valuesSays({ measure, before: each.before, now: each.now }),
  doMove: (each: Schemas["Move"]) => said.doMoveSays({ givenName: each.givenName }),
  moved: (each: Schemas["Move"]) => said.movedSays({ givenName: each.givenName, to: each.to }),
});

function minutes(thing: Thing): string {
  if (thing.minutes === undefined) {
    return "";
  }
  return [said.minutesSays({ minutes: thing.minutes }), ...thing.eased].join(", ");
}

const MOST_NAMES = 5;

/** A few by name, many by their number. */
function namedOrCounted(names: string[]): string {
  return names.length > MOST_NAMES
    ? said.namedOrCountedSays.students({ namesCount: names.length })
    : said.namedOrCountedSays.line({ names });
}
