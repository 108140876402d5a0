import type { Schemas } from "../api/client";

type Clock = Schemas["TryClock"];

/** What the clock of a try says some time after the server said how it stood. */
export interface ClockFace {
  /** Seconds left to work in; absent for no end. */
  left?: number;
  /** Seconds of the break that goes on. */
  breakGoesOn?: number;
  /** Seconds of break that may still be taken. */
  breakLeft: number;
}

/** @param elapsedMs since the server said it */
export function faceOf(clock: Clock, elapsedMs: number): ClockFace {
  const untilBreakEnds =
    clock.breakUntil === undefined ? 0 : Math.max(0, Date.parse(clock.breakUntil) - Date.parse(clock.now));
  const onBreak = elapsedMs < untilBreakEnds;
  const worked = Math.max(0, elapsedMs - untilBreakEnds);
  const breakUsed = Math.min(elapsedMs, untilBreakEnds) / 1000;
  return {
    left:
      clock.workSecondsLeft === undefined
        ? undefined
        : Math.max(0, Math.ceil(clock.workSecondsLeft - worked / 1000)),
    breakGoesOn: onBreak ? Math.ceil((untilBreakEnds - elapsedMs) / 1000) : undefined,
    breakLeft: Math.max(0, Math.floor(clock.breakSecondsLeft - breakUsed)),
  };
}

/**
 * The moments at which the clock speaks: half of the time, five minutes and one. A page that slept may look late; it says
 * the last moment that has passed since it looked before, and nothing at its first look.
 *
 * @param before seconds left at the look before
 * @param now seconds left
 */
export function announcement(
  minutesInAll: number,
  before: number | undefined,
  now: number,
): number | undefined {
  const moments = [1, 5, Math.floor(minutesInAll / 2)];
  return moments.find(
    (minutes) => minutes > 0 && before !== undefined && before > minutes * 60 && now <= minutes * 60,
  );
}

/** The server's clock now, as far as this page knows it: what is given is stamped with it. */
export function serverNow(clock: Clock, elapsedMs: number): string {
  return new Date(Date.parse(clock.now) + elapsedMs).toISOString();
}
