import { useFocus } from "../shell/focus";

export interface FocusedGroup {
  id: number;
  name: string;
  look: number;
  size: number;
}

/** The group that the group bar narrows to; undefined for everyone. */
export function useFocusedGroup(): FocusedGroup | undefined {
  const { arrangement, group } = useFocus();
  const found = arrangement?.groups.find((each) => each.id === group);
  return found && { id: found.id, name: found.name, look: found.look, size: found.members.length };
}
