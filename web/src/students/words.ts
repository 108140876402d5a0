import dayjs from "dayjs";
import { wordsWith } from "../languages/words";
import { day, spell, timeInZone } from "../shell/dates";

export const words = wordsWith("students", {
  bandOf: (measure: string, band: string) => `${measure}: ${band}`,
});

/** When somebody was last here, seen from today. */
export function lastHere(instant: string | undefined, now: string, zone: string): string {
  if (!instant) {
    return words.never;
  }
  const local = (moment: string) =>
    dayjs(new Intl.DateTimeFormat("en-CA", { timeZone: zone }).format(new Date(moment)));
  const days = local(now).diff(local(instant), "day");
  if (days === 0) {
    return words.today({ time: timeInZone(instant, zone) });
  }
  if (days === 1) {
    return words.yesterday;
  }
  return days < 7 ? spell(local(instant), "weekday") : day(local(instant).format("YYYY-MM-DD"));
}
