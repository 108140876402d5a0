import { useState } from "react";

/** What a click says beside where it was. */
export interface ClickKeys {
  shiftKey: boolean;
  ctrlKey: boolean;
  metaKey: boolean;
}

export interface Selection {
  ids: ReadonlySet<number>;
  has: (id: number) => boolean;
  click: (id: number, keys: ClickKeys) => void;
  clear: () => void;
  all: () => void;
}

/** Which students are selected: a click takes one, Ctrl adds or drops one, Shift takes all between. */
export function useSelection(inOrder: readonly number[]): Selection {
  const [ids, setIds] = useState<ReadonlySet<number>>(new Set());
  const [anchor, setAnchor] = useState<number | null>(null);
  const click = (id: number, keys: ClickKeys) => {
    if (keys.shiftKey && anchor !== null) {
      const [from, to] = [inOrder.indexOf(anchor), inOrder.indexOf(id)].sort((a, b) => a - b);
      setIds(new Set(inOrder.slice(from, (to ?? 0) + 1)));
      return;
    }
    setAnchor(id);
    if (keys.ctrlKey || keys.metaKey) {
      setIds((now) => toggled(now, id));
    } else {
      setIds((now) => (now.size === 1 && now.has(id) ? new Set() : new Set([id])));
    }
  };
  return {
    ids,
    has: (id) => ids.has(id),
    click,
    clear: () => setIds(new Set()),
    all: () => setIds(new Set(inOrder)),
  };
}

function toggled(now: ReadonlySet<number>, id: number): ReadonlySet<number> {
  const next = new Set(now);
  if (!next.delete(id)) {
    next.add(id);
  }
  return next;
}
