import type { KeyboardEvent } from "react";

const STEPS: Record<string, readonly [number, number]> = {
  ArrowRight: [0, 1],
  ArrowLeft: [0, -1],
  ArrowDown: [1, 0],
  ArrowUp: [-1, 0],
};

/** The next cell in a direction that can be chosen, past those that are not theirs. */
export function moveByArrow(event: KeyboardEvent) {
  const step = STEPS[event.key];
  const td = (event.target as HTMLElement).closest("td");
  const table = td?.closest("table");
  if (!step || !td || !table) {
    return;
  }
  event.preventDefault();
  let row = (td.parentElement as HTMLTableRowElement).rowIndex;
  let column = td.cellIndex;
  for (;;) {
    row += step[0];
    column += step[1];
    const cell = table.rows[row]?.cells[column];
    if (!cell) {
      return;
    }
    const button = cell.querySelector<HTMLElement>("[data-cell]");
    if (button) {
      button.focus();
      return;
    }
  }
}
