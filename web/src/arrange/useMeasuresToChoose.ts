import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../api/client";
import { measuresQuery, studentsScreenQuery } from "../api/queries";
import { useFocus } from "../shell/focus";
import { isFor } from "../shell/sharing";
import { mostKnownFirst } from "./mostKnownFirst";

/** Measures to group by: those first by which most of this class can be placed. */
export function useMeasuresToChoose(): Schemas["MeasureCard"][] {
  const { classId } = useFocus();
  const all = (useQuery(measuresQuery).data ?? []).filter((each) => !each.archived && isFor(classId)(each));
  return mostKnownFirst(all, useQuery(studentsScreenQuery(classId, {})).data?.students ?? []);
}
