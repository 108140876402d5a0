import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../api/client";
import { measuresQuery, studentsScreenQuery } from "../api/queries";
import { useFocus } from "../shell/focus";

/** Measures to group by: those on which this class has scores come first. */
export function useMeasuresToChoose(): Schemas["MeasureCard"][] {
  const { classId } = useFocus();
  const all = (useQuery(measuresQuery).data ?? []).filter((each) => !each.archived);
  const used = new Set(useQuery(studentsScreenQuery(classId, {})).data?.measures.map((each) => each.id));
  return [...all.filter((each) => used.has(each.id)), ...all.filter((each) => !used.has(each.id))];
}
