import { useEffect } from "react";
import type { Schemas } from "../api/client";
import type { Command } from "./useBenchStep";
import type { Selection } from "./useSelection";
import { words } from "./words";

interface Keys {
  bench: Schemas["BenchView"] | undefined;
  selection: Selection;
  onCommand: (command: Command, said?: string) => void;
}

/** The keys of the bench: 1–9 place, [ and ] move down and up, L locks, M merges with the next tray, Z undoes. */
export function useBenchKeys({ bench, selection, onCommand }: Keys) {
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (!bench || isTyping(event.target) || document.querySelector("[role=dialog], [role=menu]")) {
        return;
      }
      const command = commandFor(event, bench, chosen(selection, event.target));
      if (command) {
        event.preventDefault();
        onCommand(...command);
      }
    };
    window.addEventListener("keydown", onKeyDown);
    return () => window.removeEventListener("keydown", onKeyDown);
  }, [bench, selection, onCommand]);
}

function isTyping(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.closest("input, textarea, select") !== null;
}

/** The selected students, or the one that has the focus. */
function chosen(selection: Selection, target: EventTarget | null): number[] {
  if (selection.ids.size > 0) {
    return [...selection.ids];
  }
  const focused = target instanceof HTMLElement ? target.dataset.student : undefined;
  return focused ? [Number(focused)] : [];
}

export function commandFor(
  event: Pick<KeyboardEvent, "key" | "ctrlKey" | "metaKey" | "shiftKey" | "altKey">,
  bench: Schemas["BenchView"],
  students: number[],
): [Command, string?] | undefined {
  const key = event.key.toLowerCase();
  if (key === "z" && !event.altKey) {
    return [{ kind: event.shiftKey ? "REDO" : "UNDO" }];
  }
  if (event.ctrlKey || event.metaKey || event.altKey || students.length === 0) {
    return undefined;
  }
  if (/^[1-9]$/.test(key)) {
    return placing(bench, students, Number(key) - 1);
  }
  if (key === "l") {
    return locking(bench, students);
  }
  const first = bench.students.find((each) => each.id === students[0]);
  const place = bench.groups.findIndex((group) => group.id === first?.groupId);
  if (key === "[" || key === "]") {
    return place < 0 ? undefined : placing(bench, students, place + (key === "]" ? 1 : -1));
  }
  const next = bench.groups[place + 1];
  const own = bench.groups[place];
  if (key === "m" && own && next) {
    return [
      { kind: "MERGE", groupId: next.id, otherGroupId: own.id },
      words.says.merged({ from: own.name, into: next.name }),
    ];
  }
  return undefined;
}

/** Locks the students, or unlocks them where all of them are locked. */
function locking(bench: Schemas["BenchView"], students: number[]): [Command, string?] {
  const locked = students.every((id) => bench.students.find((each) => each.id === id)?.locked);
  return locked
    ? [{ kind: "UNLOCK", students }, words.says.unlocked({ count: students.length })]
    : [{ kind: "LOCK", students }, words.says.locked({ count: students.length })];
}

function placing(
  bench: Schemas["BenchView"],
  students: number[],
  place: number,
): [Command, string?] | undefined {
  const group = bench.groups[place];
  return (
    group && [
      { kind: "PLACE", students, groupId: group.id },
      words.says.placed({ count: students.length, group: group.name }),
    ]
  );
}
