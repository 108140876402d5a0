import { useDraggable } from "@dnd-kit/core";
import Box from "@mui/material/Box";
import Tooltip from "@mui/material/Tooltip";
import { memo } from "react";
import type { Schemas } from "../api/client";
import { useFocus } from "../shell/focus";
import { scoreText } from "../shell/score";
import type { Selection } from "./useSelection";
import { words } from "./words";

interface Props {
  student: Schemas["BenchStudent"];
  measure: Schemas["MeasureCard"];
  selection: Selection;
  /** The tray it stands in; absent among those not placed. */
  groupId?: number;
  /** The other groups the student is in, by name. */
  alsoIn?: string[];
  /** While comparing: the former groups of one who has moved. */
  movedFrom?: string[];
}

/**
 * How the lines look, said once for all of them: while somebody is dragged every line is told, and must cost next to
 * nothing.
 */
export const studentLines = {
  "& [data-student]": {
    display: "flex",
    alignItems: "center",
    width: "100%",
    minHeight: 25,
    padding: "0 4px",
    border: 0,
    borderTop: "1px solid var(--z-line)",
    background: "transparent",
    font: "inherit",
    color: "inherit",
    textAlign: "left",
    cursor: "grab",
  },
  "& [data-student][aria-pressed=true]": { background: "var(--z-saffronWash)" },
  "& [data-student][data-dragging=true]": { opacity: 0.4 },
} as const;

/** A student in a tray: name, marks and score; to be selected, dragged, or moved by key. */
export function StudentLine(props: Props) {
  const { student, selection, groupId } = props;
  const { setNodeRef, listeners, isDragging } = useDraggable({
    id: `${groupId ?? "none"}-${student.id}`,
    data: { student: student.id },
  });
  return (
    <button
      type="button"
      ref={setNodeRef}
      {...listeners}
      data-student={student.id}
      data-dragging={isDragging}
      aria-pressed={selection.has(student.id)}
      onClick={(event) => selection.click(student.id, event)}
    >
      <Facts
        student={student}
        measure={props.measure}
        alsoIn={props.alsoIn?.join(", ") ?? ""}
        movedFrom={props.movedFrom && words.comparing.from(props.movedFrom)}
      />
    </button>
  );
}

interface FactsProps {
  student: Schemas["BenchStudent"];
  measure: Schemas["MeasureCard"];
  alsoIn: string;
  movedFrom: string | undefined;
}

const Facts = memo(function Facts({ student, measure, alsoIn, movedFrom }: FactsProps) {
  const { projector } = useFocus();
  return (
    <Box component="span" sx={{ display: "flex", alignItems: "center", gap: 0.75, width: "100%" }}>
      <span>
        <span>{student.givenName}</span>
        {student.homeClass && (
          <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12 }}>
            {" "}
            {student.homeClass}
          </Box>
        )}
        {alsoIn && <Small>{words.alsoIn({ names: alsoIn })}</Small>}
        {movedFrom && <Small strong>{movedFrom}</Small>}
      </span>
      {student.locked && <Mark help={words.lockedHelp}>{words.locked}</Mark>}
      {student.timeNeed && !projector && <Mark>{student.timeNeed}</Mark>}
      <Box component="span" sx={{ flex: 1 }} />
      {student.stale && <Mark help={words.staleHelp}>{words.stale}</Mark>}
      {student.closeToLine && (
        <Mark strong help={words.closeHelp}>
          {words.close}
        </Mark>
      )}
      <span>{student.value !== undefined && scoreText(student.value, measure)}</span>
    </Box>
  );
});

function Small({ children, strong }: { children: string; strong?: boolean }) {
  return (
    <Box
      component="span"
      sx={{
        display: "block",
        fontSize: 12,
        lineHeight: 1.2,
        color: strong ? "var(--z-saffron)" : "var(--z-soft)",
      }}
    >
      {children}
    </Box>
  );
}

interface MarkProps {
  children: string;
  strong?: boolean;
  help?: string;
}

function Mark({ children, strong, help }: MarkProps) {
  const mark = (
    <Box
      component="span"
      sx={{
        border: `1px solid var(--z-${strong ? "saffron" : "line"})`,
        color: strong ? "var(--z-saffron)" : "var(--z-soft)",
        borderRadius: "8px",
        px: 0.75,
        fontSize: 12,
      }}
    >
      {children}
    </Box>
  );
  return help ? <Tooltip title={help}>{mark}</Tooltip> : mark;
}
