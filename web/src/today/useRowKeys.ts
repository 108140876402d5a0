import { useEffect } from "react";

/** J and K go from row to row, to what can be done there; Enter does it, as it does on any button. */
export function useRowKeys() {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = (event.target as HTMLElement).closest(
        "input, textarea, select, [role=dialog], [role=menu]",
      );
      const step = event.key === "j" ? 1 : event.key === "k" ? -1 : 0;
      if (step === 0 || typing || event.ctrlKey || event.metaKey || event.altKey) {
        return;
      }
      const rows = [...document.querySelectorAll<HTMLElement>("[data-today-row]")].filter((row) =>
        actionOf(row),
      );
      const now = rows.findIndex((row) => row.contains(document.activeElement));
      const next =
        now < 0 ? (step > 0 ? 0 : rows.length - 1) : Math.min(Math.max(now + step, 0), rows.length - 1);
      const row = rows[next];
      if (row) {
        actionOf(row)?.focus();
        row.scrollIntoView({ block: "nearest" });
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
}

function actionOf(row: HTMLElement): HTMLElement | null {
  return row.querySelector<HTMLElement>("a, button");
}
