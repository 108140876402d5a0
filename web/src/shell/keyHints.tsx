import { createContext, type ReactNode, useContext, useEffect, useMemo, useState } from "react";

/** A key and what it does on this screen. */
export type KeyHint = readonly [keys: readonly string[], does: string];

interface KeyHints {
  hints: readonly KeyHint[];
  setHints: (hints: readonly KeyHint[]) => void;
}

const KeyHintsContext = createContext<KeyHints | null>(null);

export function KeyHintsProvider({ children }: { children: ReactNode }) {
  const [hints, setHints] = useState<readonly KeyHint[]>([]);
  const value = useMemo(() => ({ hints, setHints }), [hints]);
  return <KeyHintsContext.Provider value={value}>{children}</KeyHintsContext.Provider>;
}

export function useKeyHints(): readonly KeyHint[] {
  return useContext(KeyHintsContext)?.hints ?? [];
}

/** The keys of a screen on which nothing may be changed. */
export const noKeys = (): readonly KeyHint[] => [];

/** Shows the keys of a screen at the right of the group bar while the screen is there. */
export function useShowKeys(hints: () => readonly KeyHint[]) {
  const context = useContext(KeyHintsContext);
  const show = context?.setHints;
  useEffect(() => {
    show?.(hints());
    return () => show?.([]);
  }, [show, hints]);
}
