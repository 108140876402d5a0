import { useQuery } from "@tanstack/react-query";
import { classesQuery } from "../api/queries";
import { wordsOf } from "../languages/words";
import { changes } from "./role";

/** What is the whole school's, or one class's own. */
interface OwnOrShared {
  classId?: number | null;
}

/** Whether something is for a class: shared by the whole school, or its own. */
export const isFor = (classId: number | undefined) => (each: OwnOrShared) =>
  each.classId == null || each.classId === classId;

interface Keeping {
  /** Whether the signed-in adult changes what the whole school shares. */
  keeps: boolean;
  /** Classes for which they may make something of their own. */
  classes: { id: number; name: string }[];
  mayChange: (what: OwnOrShared) => boolean;
  /** The class whose own it is; undefined where the whole school shares it. */
  ownerOf: (what: OwnOrShared) => string | undefined;
}

/** What the signed-in adult may make and change of measures and skills; nothing until that is known. */
export function useKeeping(): Keeping {
  const known = useQuery(classesQuery).data;
  const keeps = known?.keepsShared ?? false;
  const all = known?.classes ?? [];
  const classes = all.filter((each) => changes(each.role) && !each.archived);
  return {
    keeps,
    classes,
    mayChange: ({ classId }) => keeps || (classId != null && classes.some((each) => each.id === classId)),
    ownerOf: ({ classId }) =>
      classId == null ? undefined : (all.find((each) => each.id === classId)?.name ?? words.anotherClass),
  };
}

export const words = wordsOf("shell", "sharing");
