import type { Schemas } from "../../api/client";
import type { Adding } from "./AddDialog";
import type { WeekDeeds } from "./useWeekDeeds";
import type { WeekOpen } from "./weekOpen";

/** What the grid of a week and each row of it are given. */
export interface GridProps {
  week: Schemas["Week"];
  deeds: WeekDeeds;
  onAdd: (adding: Adding) => void;
  onOpen: (open: WeekOpen) => void;
}

/** Width of the column with the names of groups. */
export const HEAD = 128;
