import dayjs from "dayjs";
import type { Schemas } from "../../api/client";

type Grid = Schemas["Grid"];
type Cell = Schemas["Cell"];

export type When = "ALL" | "FOUR" | "TWO";
export type Which = "ALL" | "OPEN" | "LATE" | "LOW" | "TO_MARK" | "NOW";

/** What the grid is narrowed to, apart from the group. */
export interface Filter {
  when: When;
  /** Absent for all work. */
  category?: number;
  which: Which;
}

const WEEKS: Record<When, number | undefined> = { ALL: undefined, FOUR: 4, TWO: 2 };

/** Whether a cell is one of those looked for. */
export function isWanted(cell: Cell, which: Which): boolean {
  switch (which) {
    case "ALL":
      return true;
    case "OPEN":
      return ["NOT_STARTED", "LATE", "NOW", "AGAIN"].includes(cell.state);
    case "LATE":
      return cell.state === "LATE" || cell.state === "MISSED";
    case "LOW":
      return cell.low === true;
    case "TO_MARK":
      return cell.toMark !== undefined;
    case "NOW":
      return cell.state === "NOW";
  }
}

/** Places of the columns that stay, in their order; a column without a wanted cell goes. */
export function columnsShown(grid: Grid, filter: Filter, today: string): number[] {
  const weeks = WEEKS[filter.when];
  const from = weeks === undefined ? undefined : dayjs(today).subtract(weeks, "week");
  const wanted = new Set<number>();
  for (const group of grid.groups) {
    for (const student of group.students) {
      for (const cell of student.cells) {
        if (isWanted(cell, filter.which)) {
          wanted.add(cell.column);
        }
      }
    }
  }
  return grid.tasks.flatMap((task, i) => {
    const day = task.due ?? task.opens;
    const inTime = from === undefined || day === undefined || !dayjs(day).isBefore(from);
    const inCategory = filter.category === undefined || task.categoryId === filter.category;
    const inState = filter.which === "ALL" || wanted.has(i);
    return inTime && inCategory && inState ? [i] : [];
  });
}
