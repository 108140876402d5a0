import { useEffect } from "react";

/** Ctrl+Z takes the last step back, unless somebody is typing or there is none. */
export function useUndoKey(undo: (() => void) | undefined) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = (event.target as HTMLElement).closest("input, textarea, select, [role=dialog]");
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z" && !typing && undo) {
        event.preventDefault();
        undo();
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [undo]);
}
