import Button from "@mui/material/Button";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { useNavigate } from "react-router";
import type { Schemas } from "../../api/client";
import { useFocus } from "../../shell/focus";
import { draftsOf } from "./drafts";
import type { WeekDeeds } from "./useWeekDeeds";
import type { WeekOpen } from "./weekOpen";
import { words } from "./words";

interface MenuProps {
  label: string;
  entries: (readonly [label: string, act: () => void] | null)[];
}

function ButtonMenu({ label, entries }: MenuProps) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <Button aria-haspopup="menu" onClick={(event) => setAnchor(event.currentTarget)}>
        {label}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {entries
          .filter((entry) => entry !== null)
          .map(([name, act]) => (
            <MenuItem
              key={name}
              onClick={() => {
                setAnchor(null);
                act();
              }}
            >
              {name}
            </MenuItem>
          ))}
      </Menu>
    </>
  );
}

/** Prints the week as it is, or a plan for whoever stands in. */
export function PrintMenu({ onSubstitute }: { onSubstitute: (on: boolean) => void }) {
  const print = (substitute: boolean) => {
    onSubstitute(substitute);
    // What is printed is drawn first.
    window.setTimeout(() => window.print(), 0);
  };
  return (
    <ButtonMenu
      label={words.print}
      entries={[
        [words.printOwn, () => print(false)],
        [words.printSubstitute, () => print(true)],
      ]}
    />
  );
}

interface MoreProps {
  week: Schemas["Week"];
  deeds: WeekDeeds;
  onOpen: (open: WeekOpen) => void;
}

export function MoreMenu({ week, deeds, onOpen }: MoreProps) {
  const { classId } = useFocus();
  const navigate = useNavigate();
  const drafts = draftsOf(week).length;
  const move = (weeks: number) => () => deeds.shiftWeek.mutate({ copy: false, begins: week.begins, weeks });
  const mine = (entry: readonly [string, () => void]) => (week.mayChange ? entry : null);
  return (
    <ButtonMenu
      label={words.more}
      entries={[
        drafts > 0 ? mine([words.handOutDrafts({ count: drafts }), () => onOpen({ kind: "handOut" })]) : null,
        mine([words.stagger, () => onOpen({ kind: "stagger" })]),
        mine([words.moveOn, move(1)]),
        mine([words.moveBack, move(-1)]),
        [words.allTasks, () => navigate(`/classes/${classId}/plan/tasks`)],
        mine([words.times, () => onOpen({ kind: "times" })]),
        [words.calendar, () => onOpen({ kind: "feeds" })],
      ]}
    />
  );
}
