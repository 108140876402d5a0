import { queryClient } from "../api/queryClient";

/** Shows a change of needs everywhere it is seen. */
export function refreshNeeds() {
  queryClient.invalidateQueries({ queryKey: ["needs"] });
  queryClient.invalidateQueries({ queryKey: ["class"] });
  queryClient.invalidateQueries({ queryKey: ["bench"] });
  queryClient.invalidateQueries({ queryKey: ["task"] });
}
