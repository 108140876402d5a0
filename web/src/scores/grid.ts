/** A place in the grid: row and column, from 0. */
export interface Place {
  row: number;
  column: number;
}

/** One cell that is typed. */
export interface Typed extends Place {
  text: string;
}

/** Where a key leads from a place, or nowhere for a key that stays in the cell. */
export function nextPlace(
  key: string,
  shift: boolean,
  at: Place,
  rows: number,
  columns: number,
): Place | undefined {
  const moved = step(key, shift, at);
  if (!moved) {
    return undefined;
  }
  const row = Math.min(rows - 1, Math.max(0, moved.row));
  const column = Math.min(columns - 1, Math.max(0, moved.column));
  return { row, column };
}

function step(key: string, shift: boolean, at: Place): Place | undefined {
  switch (key) {
    case "ArrowUp":
      return { ...at, row: at.row - 1 };
    case "ArrowDown":
      return { ...at, row: at.row + 1 };
    case "Enter":
      return { ...at, row: at.row + (shift ? -1 : 1) };
    case "ArrowLeft":
      return { ...at, column: at.column - 1 };
    case "ArrowRight":
      return { ...at, column: at.column + 1 };
    default:
      return undefined;
  }
}

/** The cells that a pasted text fills from a place on; what reaches past the grid is left out. */
export function pasted(text: string, at: Place, rows: number, columns: number): Typed[] {
  const lines = text.replace(/\r\n?/g, "\n").replace(/\n$/, "").split("\n");
  return lines.flatMap((line, down) =>
    line
      .split("\t")
      .map((cell, right) => ({ row: at.row + down, column: at.column + right, text: cell.trim() }))
      .filter((cell) => cell.row < rows && cell.column < columns),
  );
}
