import type { Schemas } from "../../api/client";

/** The drafts that lie on a day of the week, each once. */
export function draftsOf(week: Schemas["Week"]): Schemas["WeekBar"][] {
  const seen = new Set<number>();
  return week.rows
    .flatMap((row) => row.bars)
    .filter((bar) => bar.state === "DRAFT" && !seen.has(bar.taskId) && seen.add(bar.taskId));
}
