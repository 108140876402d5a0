import type { KeyboardEvent } from "react";

/** Enter in a line of an editor must not send the dialog's form, which stands around it. */
export function keepEnterInside(event: KeyboardEvent) {
  if (event.key === "Enter" && event.target instanceof HTMLInputElement) {
    event.preventDefault();
  }
}
