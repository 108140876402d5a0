import { useEffect, useRef } from "react";

type Deeds = Record<string, () => void>;

/** Carries out a deed when its key is pressed outside fields, menus and dialogs. Names are in lower case. */
export function useTypedKeys(deeds: Deeds) {
  const now = useRef(deeds);
  now.current = deeds;
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      const inField =
        event.target instanceof HTMLElement &&
        event.target.closest("input:not([type=checkbox]), textarea, select");
      const covered = document.querySelector("[role=dialog], [role=menu], [role=listbox]");
      if (inField || covered || event.ctrlKey || event.metaKey || event.altKey) {
        return;
      }
      const deed = now.current[event.key.toLowerCase()];
      if (deed) {
        event.preventDefault();
        deed();
      }
    };
    window.addEventListener("keydown", onKeyDown);
    return () => window.removeEventListener("keydown", onKeyDown);
  }, []);
}
