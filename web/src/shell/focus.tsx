import { useQuery } from "@tanstack/react-query";
import { createContext, type ReactNode, useContext, useMemo, useState } from "react";
import type { Schemas } from "../api/client";
import { arrangementsQuery } from "../api/queries";

/** What the group bar shows for a group, for everyone, and for those in none. */
export type GroupChoice = number | "everyone" | "none";

export interface Focus {
  classId: number;
  arrangements: Schemas["ArrangementCard"][];
  /** The arrangement that the group bar shows. */
  arrangement: Schemas["ArrangementCard"] | undefined;
  group: GroupChoice;
  chooseArrangement: (id: number) => void;
  chooseGroup: (group: GroupChoice) => void;
  /** The screen can be seen by the class: needs and scores are hidden. */
  projector: boolean;
  toggleProjector: () => void;
  /** Whether a student is among those the screen is narrowed to. */
  includes: (studentId: number) => boolean;
}

const FocusContext = createContext<Focus | null>(null);

export function FocusProvider({ classId, children }: { classId: number; children: ReactNode }) {
  const arrangements = useQuery(arrangementsQuery(classId)).data;
  const [chosen, setChosen] = useState<number | null>(null);
  const [group, setGroup] = useState<GroupChoice>("everyone");
  const [projector, setProjector] = useState(() => sessionStorage.getItem("projector") === "on");
  const focus = useMemo<Focus>(() => {
    const all = arrangements ?? [];
    const arrangement = all.find((each) => each.id === chosen) ?? all[0];
    return {
      classId,
      arrangements: all,
      arrangement,
      group,
      chooseArrangement: (id) => {
        setChosen(id);
        setGroup("everyone");
      },
      chooseGroup: setGroup,
      projector,
      toggleProjector: () => {
        sessionStorage.setItem("projector", projector ? "off" : "on");
        setProjector(!projector);
      },
      includes: (studentId) => includes(arrangement, group, studentId),
    };
  }, [arrangements, chosen, classId, group, projector]);
  return <FocusContext.Provider value={focus}>{children}</FocusContext.Provider>;
}

function includes(
  arrangement: Schemas["ArrangementCard"] | undefined,
  group: GroupChoice,
  studentId: number,
): boolean {
  if (group === "everyone" || !arrangement) {
    return true;
  }
  if (group === "none") {
    return !arrangement.groups.some((each) => each.members.includes(studentId));
  }
  return arrangement.groups.some((each) => each.id === group && each.members.includes(studentId));
}

export function useFocus(): Focus {
  const focus = useContext(FocusContext);
  if (!focus) {
    throw new Error("useFocus is used outside FocusProvider");
  }
  return focus;
}
