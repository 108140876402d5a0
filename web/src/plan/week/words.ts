import dayjs from "dayjs";
import type { Schemas } from "../../api/client";
import { wordsOf, wordsWith } from "../../languages/words";
import { words as library } from "../../library/words";
import { spell, time } from "../../shell/dates";

const said = wordsOf("plan-week");

type Bar = Schemas["WeekBar"];

type Session = Schemas["SessionShown"];

const weekdays = ["MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "FRIDAY", "SATURDAY", "SUNDAY"] as const;

export const words = wordsWith("plan-week", {
  title: (begins: string) => said.titleSays({ begins: spell(begins, "dayLong") }),
  before: (begins: string) => `‹ ${spell(dayjs(begins).subtract(7, "day"), "day")}`,
  after: (begins: string) => `${spell(dayjs(begins).add(7, "day"), "day")} ›`,
  day: (day: string) => spell(day, "weekdayAndDay"),
  dayLong: (day: string) => spell(day, "weekdayDayLong"),
  closed: (why: string) => (why ? said.closedSays.noLessons({ why }) : said.closedSays.noLessons2),
  fullest: (full: Schemas["FullestGroup"]) =>
    full.tooFull && full.name
      ? said.fullestSays.min({ minutes: full.minutes, name: full.name })
      : said.fullestSays.min2({ minutes: full.minutes }),
  cell: (row: string, day: string) => said.cellSays({ row, day: spell(day, "weekdayDayLong") }),
  bar: (bar: Bar) =>
    [
      bar.name,
      bar.versionName && bar.versionName,
      bar.minutes !== undefined && said.barSays.min({ minutes: bar.minutes }),
      bar.doneFirst && said.barSays.first,
    ]
      .filter(Boolean)
      .join(" · "),
  barAbout: (bar: Bar, members: number) =>
    [
      bar.state === "DRAFT" && said.barAboutSays.draft,
      bar.opens && said.barAboutSays.opens({ opens: spell(bar.opens, "weekdayDayTime") }),
      bar.due && said.barAboutSays.due({ due: spell(bar.due, "weekdayDayTime") }),
      bar.of < members && said.barAboutSays.of({ of: bar.of, members }),
      bar.state === "HANDED_OUT" && said.barAboutSays.handedIn({ handedIn: bar.handedIn }),
      bar.conflicts > 0 && said.barAboutSays.studentsWithTwo({ conflicts: bar.conflicts }),
    ]
      .filter(Boolean)
      .join(" · "),
  someOf: (bar: Bar, members: number) =>
    bar.of > 0 && bar.of < members ? said.someOfSays({ of: bar.of, members }) : "",
  session: (session: Session) =>
    session.mine
      ? said.sessionSays.atTable({ begins: time(session.begins) })
      : said.sessionSays.atTable2({ adult: session.adult.split(" ")[0], begins: time(session.begins) }),
  sessionAbout: (session: Session) =>
    [session.title, said.sessionAboutSays({ minutes: session.minutes }), ...session.clashes]
      .filter(Boolean)
      .join(" · "),
  readyLine: (skill: Schemas["ReadySkill"]) => said.readyLineSays({ need: skill.need, footed: skill.footed }),
  itemAbout: (item: Schemas["ReadyItem"]) =>
    [
      library.kinds[item.kind],
      item.level !== undefined && `${item.level}`,
      item.minutes !== undefined && said.itemAboutSays({ minutes: item.minutes }),
    ]
      .filter(Boolean)
      .join(" · "),
  closedDay: {
    title: (day: string) => said.closedDay.titleSays({ day: spell(day, "weekdayDayLong") }),
  },
  shifted: (shifted: Schemas["WeekShifted"], copy: boolean) => {
    const what = [
      shifted.tasks > 0 && said.shiftedSays.tasks({ tasks: shifted.tasks }),
      shifted.sessions.length > 0 && said.shiftedSays.sessions({ sessionsCount: shifted.sessions.length }),
    ].filter((each): each is string => Boolean(each));
    if (what.length === 0) {
      return shifted.left.length > 0
        ? said.shiftedSays.nothingMoved({ left: stay(shifted.left) })
        : said.shiftedSays.thereWasNothing;
    }
    const left = shifted.left.length > 0 ? ` ${stay(shifted.left)}` : "";
    return said.shiftedSays.line({
      what,
      more: copy ? said.shiftedSays.copiedAsDrafts : said.shiftedSays.moved,
      left,
    });
  },
  handOutWeek: {
    line: (bar: Bar) =>
      [
        bar.opens && said.handOutWeek.lineSays.opens({ opens: spell(bar.opens, "weekdayTime") }),
        bar.due && said.handOutWeek.lineSays.due({ due: spell(bar.due, "weekdayTime") }),
      ]
        .filter(Boolean)
        .join(", "),
  },
  weekdays: Object.fromEntries(
    weekdays.map((day) => [day, day.charAt(0) + day.slice(1).toLowerCase()]),
  ) as Record<(typeof weekdays)[number], string>,
  substitute: {
    title: (className: string, begins: string) =>
      said.substitute.titleSays({ className, begins: spell(begins, "dayLong") }),
  },
});

function stay(names: string[]): string {
  return said.staySays({ names });
}
