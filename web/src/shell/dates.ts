import dayjs, { type Dayjs } from "dayjs";
import type { Schemas } from "../api/client";
import { languages } from "../languages/languages";
import { language } from "../languages/speak";
import { wordsOf } from "../languages/words";

const said = wordsOf("shell-dates");

type How = keyof ReturnType<typeof patterns>;

const patterns = () => said.patterns;

type Hours = Schemas["Session"]["hours"];

let hours: Hours;

/** How the school writes the time of day from now on; absent where each language has it as it is usual. */
export function writeHours(wanted: Hours): void {
  hours = wanted;
}

/** A pattern with the time of day as the school writes it. */
function asTheSchoolWrites(pattern: string): string {
  if (hours === "H12") {
    return pattern.replace("HH:mm", "h:mm a");
  }
  return hours === "H24" ? pattern.replace("h:mm a", "HH:mm") : pattern;
}

/** A local date or time of the school as the language and the school write it. */
export function spell(local: string | Dayjs, how: How): string {
  return dayjs(local).locale(languages[language()].calendar).format(asTheSchoolWrites(patterns()[how]));
}

/** A local time of the school, such as "Tue 9 Feb 09:00". The server has already put it on the school's clocks. */
export function dayAndTime(local: string | undefined): string {
  return local ? spell(local, "weekdayDayTime") : "";
}

export function day(local: string): string {
  return spell(local, "day");
}

/** "Tue 9 Feb". */
export function dayOnly(local: string | undefined): string {
  return local ? spell(local, "weekdayDay") : "";
}

export function time(local: string): string {
  return spell(local, "time");
}

/** The value of a date-and-time field. */
export function asField(local: string | undefined): string {
  return local ? dayjs(local).format("YYYY-MM-DDTHH:mm") : "";
}

const partsOfDay = wordsOf("shell-dates", "partsOfDay");

/**
 * When something is due, in a child's words: "today, before lunch", "tomorrow, 10:15 am", "Friday, end of school",
 * "Mon 22 Feb".
 *
 * @param name what the time is called in the school, where it has a name
 */
export function dueInWords(due: string, now: string, name?: Schemas["Card"]["dueName"]): string {
  const moment = dayjs(due);
  const days = moment.startOf("day").diff(dayjs(now).startOf("day"), "day");
  const clock = name ? partsOfDay[name] : spell(moment, "clock");
  if (days === 0) {
    return said.dueInWordsSays.today({ clock });
  }
  if (days === 1) {
    return said.dueInWordsSays.tomorrow({ clock });
  }
  if (days > 1 && days < 7) {
    return said.dueInWordsSays.weekday({ day: spell(moment, "weekdayLong"), clock });
  }
  return spell(moment, "weekdayDay");
}

/** A moment on the school's clocks, such as "08:10"; the zone is the school's. */
export function timeInZone(instant: string, zone: string): string {
  return new Intl.DateTimeFormat("en-CA", {
    timeZone: zone,
    hour: hours === "H12" ? "numeric" : "2-digit",
    minute: "2-digit",
    hourCycle: hours === "H12" ? "h12" : "h23",
  }).format(new Date(instant));
}

/** A moment on the school's clocks with its day, such as "9 Feb 08:10"; the zone is the school's. */
export function dayAndTimeInZone(instant: string, zone: string): string {
  const date = new Intl.DateTimeFormat("en-CA", { timeZone: zone }).format(new Date(instant));
  return `${day(date)} ${timeInZone(instant, zone)}`;
}
