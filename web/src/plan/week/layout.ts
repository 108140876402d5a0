import type { Schemas } from "../../api/client";

type Bar = Schemas["WeekBar"];
type Session = Schemas["SessionShown"];

export interface Placed {
  from: number;
  to: number;
  lane: number;
  bar?: Bar;
  session?: Session;
}

/**
 * Puts the sessions and bars of a row into lanes, so that none lies on another: sessions first in the order of the day,
 * then bars by where they begin, the longer ones higher.
 */
export function lanes(row: Schemas["WeekRow"], days: readonly string[]): Placed[] {
  const wanted: Omit<Placed, "lane">[] = [
    ...row.sessions.map((session) => {
      const column = Math.max(0, days.indexOf(session.begins.slice(0, 10)));
      return { from: column, to: column, session };
    }),
    ...[...row.bars]
      .sort((a, b) => a.fromDay - b.fromDay || b.toDay - a.toDay || a.taskId - b.taskId)
      .map((bar) => ({ from: bar.fromDay, to: bar.toDay, bar })),
  ];
  const taken: boolean[][] = [];
  return wanted.map((each) => {
    let lane = 0;
    while (anyTaken(taken[lane], each.from, each.to)) {
      lane++;
    }
    taken[lane] ??= [];
    for (let day = each.from; day <= each.to; day++) {
      (taken[lane] as boolean[])[day] = true;
    }
    return { ...each, lane };
  });
}

function anyTaken(lane: boolean[] | undefined, from: number, to: number): boolean {
  return lane?.slice(from, to + 1).some(Boolean) ?? false;
}

/** "2027-02-09" at 15:00, when work is expected unless something else is said. */
export function endOf(day: string): string {
  return `${day}T15:00:00`;
}

/** A moment with another day. */
export function onDay(moment: string, day: string): string {
  return `${day}T${moment.slice(11)}`;
}
