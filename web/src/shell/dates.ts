import dayjs from "dayjs";
import type { Schemas } from "../api/client";

/** A local time of the school, such as "Tue 9 Feb 09:00". The server has already put it on the school's clocks. */
export function dayAndTime(local: string | undefined): string {
  return local ? dayjs(local).format("ddd D MMM HH:mm") : "";
}

export function day(local: string): string {
  return dayjs(local).format("D MMM");
}

/** "Tue 9 Feb". */
export function dayOnly(local: string | undefined): string {
  return local ? dayjs(local).format("ddd D MMM") : "";
}

export function time(local: string): string {
  return dayjs(local).format("HH:mm");
}

/** The value of a date-and-time field. */
export function asField(local: string | undefined): string {
  return local ? dayjs(local).format("YYYY-MM-DDTHH:mm") : "";
}

const partsOfDay: Record<NonNullable<Schemas["Card"]["dueName"]>, string> = {
  BEFORE_SCHOOL: "before school",
  BEFORE_LUNCH: "before lunch",
  AFTER_LUNCH: "after lunch",
  END_OF_SCHOOL: "end of school",
  END_OF_DAY: "end of the day",
};

/**
 * When something is due, in a child's words: "today, before lunch", "tomorrow, 10:15 am", "Friday, end of school",
 * "Mon 22 Feb".
 *
 * @param name what the time is called in the school, where it has a name
 */
export function dueInWords(due: string, now: string, name?: Schemas["Card"]["dueName"]): string {
  const moment = dayjs(due);
  const days = moment.startOf("day").diff(dayjs(now).startOf("day"), "day");
  const clock = name ? partsOfDay[name] : moment.format("h:mm a");
  if (days === 0) {
    return `today, ${clock}`;
  }
  if (days === 1) {
    return `tomorrow, ${clock}`;
  }
  if (days > 1 && days < 7) {
    return `${moment.format("dddd")}, ${clock}`;
  }
  return moment.format("ddd D MMM");
}

/** A moment on the school's clocks, such as "08:10"; the zone is the school's. */
export function timeInZone(instant: string, zone: string): string {
  return new Intl.DateTimeFormat("en-CA", {
    timeZone: zone,
    hour: "2-digit",
    minute: "2-digit",
    hourCycle: "h23",
  }).format(new Date(instant));
}

/** A moment on the school's clocks with its day, such as "9 Feb 08:10"; the zone is the school's. */
export function dayAndTimeInZone(instant: string, zone: string): string {
  const date = new Intl.DateTimeFormat("en-CA", { timeZone: zone }).format(new Date(instant));
  return `${day(date)} ${timeInZone(instant, zone)}`;
}
