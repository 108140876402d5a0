import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../api/client";
import { classesQuery } from "../api/queries";
import { useFocus } from "./focus";

export type Role = Schemas["ClassCard"]["role"];

/** Whether a role lets an adult change the class, as the server decides it; so that nothing is offered in vain. */
export function changes(role: Role | undefined): boolean {
  return role === "OWNER" || role === "CO_TEACHER";
}

/** Whether a role hands out codes, with which anybody is let in as the student; as the server decides it. */
export function handsOutCodes(role: Role | undefined): boolean {
  return changes(role) || role === "SUPPORT";
}

/** What the signed-in adult is to a class; undefined until that is known. */
export function useRole(classId: number | undefined): Role | undefined {
  return useQuery(classesQuery).data?.classes.find((each) => each.id === classId)?.role;
}

/** Whether the signed-in adult changes the class that is open; false until that is known. */
export function useMayChange(): boolean {
  return changes(useRole(useFocus().classId));
}

/** Whether the adult sees the groups that they lead, and nothing of the whole class; undefined until that is known. */
export function useLedGroupsAlone(classId: number): boolean | undefined {
  const role = useRole(classId);
  return role && role === "GROUP_SUPPORT";
}
