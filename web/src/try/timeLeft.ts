/** Seconds left of a try, never below 0; undefined where there is no limit. */
export function secondsLeft(
  endsAt: string | undefined,
  serverNow: string,
  elapsedMs: number,
): number | undefined {
  if (endsAt === undefined) {
    return undefined;
  }
  const left = Date.parse(endsAt) - Date.parse(serverNow) - elapsedMs;
  return Math.max(0, Math.ceil(left / 1000));
}

/** The moments at which the clock speaks: half of the time, five minutes and one. */
export function announcement(minutesInAll: number, secondsLeftNow: number): number | undefined {
  const moments = [Math.floor(minutesInAll / 2), 5, 1];
  return moments.find((minutes) => minutes > 0 && secondsLeftNow === minutes * 60);
}
