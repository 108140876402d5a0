import { useVirtualizer } from "@tanstack/react-virtual";
import type { Schemas } from "../../api/client";
import { usePrinting } from "../../shell/usePrinting";

/** With as many cells as this the whole table is drawn, so that the browser can find any word in it. */
const ALL_DRAWN = 3000;
export const COLUMN_WIDTH = 112;
export const ROW_HEIGHT = 26;
const AROUND = 3;

/** A stretch of rows or columns that is drawn, and how much room the rest takes before and after it. */
export interface Stretch {
  from: number;
  /** The first place after it. */
  to: number;
  before: number;
  after: number;
}

/** What of a large grid is drawn: what is in sight and a little around it. */
export function useGridWindow(scroll: HTMLElement | null, groups: Schemas["GroupRows"][], columns: number) {
  const rows = groups.reduce((sum, group) => sum + group.students.length + 1, 0);
  const printing = usePrinting();
  const whole = printing || rows * columns <= ALL_DRAWN;
  const getScrollElement = () => scroll;
  const down = useVirtualizer({
    count: rows,
    estimateSize: () => ROW_HEIGHT,
    overscan: AROUND,
    useFlushSync: false,
    enabled: !whole,
    getScrollElement,
  });
  const across = useVirtualizer({
    horizontal: true,
    count: columns,
    estimateSize: () => COLUMN_WIDTH,
    overscan: AROUND,
    useFlushSync: false,
    enabled: !whole,
    getScrollElement,
  });
  return {
    whole,
    rows: whole ? all(rows) : seen(down.getVirtualItems(), rows, ROW_HEIGHT),
    columns: whole ? all(columns) : seen(across.getVirtualItems(), columns, COLUMN_WIDTH),
  };
}

function all(count: number): Stretch {
  return { from: 0, to: count, before: 0, after: 0 };
}

function seen(items: { index: number }[], count: number, size: number): Stretch {
  const from = items[0]?.index ?? 0;
  const to = (items.at(-1)?.index ?? -1) + 1;
  return { from, to, before: from * size, after: (count - to) * size };
}

/** The part of a stretch that lies in a group whose first row is at a place, counted from that row. */
export function within(stretch: Stretch, start: number, length: number): Stretch {
  const from = Math.min(Math.max(stretch.from - start, 0), length);
  const to = Math.min(Math.max(stretch.to - start, from), length);
  return { from, to, before: from * ROW_HEIGHT, after: (length - to) * ROW_HEIGHT };
}
