import { memo } from "react";
import type { Schemas } from "../../api/client";
import { words as common } from "../words";
import { words } from "./words";

type Cell = Schemas["Cell"];

interface Props {
  /** Absent where the task is not the student's. */
  cell: Cell | undefined;
  name: string;
  label: string;
  selected: boolean;
  faded: boolean;
}

/**
 * The state of one student's work on one task, by shape and number. The table hears clicks and keys. Drawn once: what
 * scrolls into sight must not draw anew what is in sight already.
 */
export const GridCell = memo(function GridCell({ cell, name, label, selected, faded }: Props) {
  if (!cell) {
    return (
      <td className="not-theirs">
        <span className="visually-hidden">{words.notTheirs}</span>
      </td>
    );
  }
  const said = help(cell);
  return (
    <td title={said} className={faded ? "faded" : undefined}>
      <button
        type="button"
        data-cell={name}
        aria-pressed={selected}
        aria-label={`${label}: ${inWords(cell)}, ${said}`}
      >
        <Shape cell={cell} />
        {cell.waiting !== undefined && <span className="waiting">+{cell.waiting}</span>}
        {cell.asked && <span className="asked"> ↻</span>}
      </button>
    </td>
  );
});

/** What a cell says to those who listen. */
function inWords(cell: Cell): string {
  return cell.earned === undefined
    ? ""
    : `${common.points(cell.earned)} of ${common.points(cell.possible ?? 0)}`;
}

function help(cell: Cell): string {
  if (cell.waiting !== undefined) {
    return words.waiting({ count: cell.waiting });
  }
  if (cell.state === "NOW") {
    return `${words.help.NOW}, ${words.answered(cell)}`;
  }
  return [
    cell.late ? words.handedInLate : words.help[cell.state],
    cell.low && words.low,
    cell.toMark !== undefined && words.toMark,
    cell.tries !== undefined && words.tries({ count: cell.tries }),
    cell.asked && words.asked,
  ]
    .filter(Boolean)
    .join(", ");
}

function Shape({ cell }: { cell: Cell }) {
  switch (cell.state) {
    case "CONFLICT":
      return <b className="clay">2×</b>;
    case "NOT_OPEN":
      return <span className="soft">·</span>;
    case "NOT_STARTED":
      return <span className="soft">–</span>;
    case "LATE":
      return <span className="clay">{words.missing}</span>;
    case "MISSED":
      return <span className="clay">{words.closed}</span>;
    case "EXCUSED":
      return <span className="soft">{words.excused}</span>;
    case "NOW":
      return (
        <span className="now">
          <Pie share={cell.questions ? (cell.answered ?? 0) / cell.questions : 0} /> {words.now}
        </span>
      );
    case "HANDED_IN":
    case "AGAIN":
      return <Done cell={cell} />;
  }
}

function Done({ cell }: { cell: Cell }) {
  if (cell.toMark !== undefined) {
    return <span className="to-mark">✎</span>;
  }
  if (cell.earned === undefined) {
    return <span className="moss">✓</span>;
  }
  return (
    <>
      <b className={cell.low ? "low" : undefined}>{common.points(cell.earned)}</b>
      <span className="of">
        {" / "}
        {common.points(cell.possible ?? 0)}
        {cell.late && ` ${words.late}`}
      </span>
    </>
  );
}

/** How much is answered, as a slice of a disc. */
function Pie({ share }: { share: number }) {
  const angle = Math.min(share, 0.999) * 2 * Math.PI;
  const [x, y] = [7 + 6 * Math.sin(angle), 7 - 6 * Math.cos(angle)];
  return (
    <svg width="14" height="14" aria-hidden="true">
      <circle cx="7" cy="7" r="6" fill="none" stroke="var(--z-sea)" />
      <path d={`M7 7V1A6 6 0 ${share > 0.5 ? 1 : 0} 1 ${x} ${y}Z`} fill="var(--z-sea)" />
    </svg>
  );
}
