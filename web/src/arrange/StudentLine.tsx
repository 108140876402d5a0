import { useDraggable } from "@dnd-kit/core";
import Box from "@mui/material/Box";
import Tooltip from "@mui/material/Tooltip";
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

/** A student in a tray: name, marks and score; to be selected, dragged, or moved by key. */
export function StudentLine({ student, measure, selection, groupId, alsoIn, movedFrom }: Props) {
  const { projector } = useFocus();
  const { setNodeRef, listeners, isDragging } = useDraggable({
    id: `${groupId ?? "none"}-${student.id}`,
    data: { student: student.id },
  });
  const chosen = selection.has(student.id);
  return (
    <Box
      component="button"
      type="button"
      ref={setNodeRef}
      {...listeners}
      data-student={student.id}
      aria-pressed={chosen}
      onClick={(event) => selection.click(student.id, event)}
      sx={{
        display: "flex",
        alignItems: "center",
        gap: 0.75,
        width: "100%",
        minHeight: 25,
        px: 0.5,
        border: 0,
        borderTop: "1px solid var(--z-line)",
        bgcolor: chosen ? "var(--z-saffronWash)" : "transparent",
        opacity: isDragging ? 0.4 : 1,
        font: "inherit",
        color: "inherit",
        textAlign: "left",
        cursor: "grab",
      }}
    >
      <span>
        <span>{student.givenName}</span>
        {student.homeClass && (
          <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12 }}>
            {" "}
            {student.homeClass}
          </Box>
        )}
        {alsoIn && alsoIn.length > 0 && <Small>{words.alsoIn(alsoIn.join(", "))}</Small>}
        {movedFrom && <Small strong>{words.comparing.from(movedFrom)}</Small>}
      </span>
      {student.locked && (
        <Tooltip title={words.lockedHelp}>
          <span>
            <Mark>{words.locked}</Mark>
          </span>
        </Tooltip>
      )}
      {student.timeNeed && !projector && <Mark>{student.timeNeed}</Mark>}
      <Box component="span" sx={{ flex: 1 }} />
      {student.stale && (
        <Tooltip title={words.staleHelp}>
          <span>
            <Mark>{words.stale}</Mark>
          </span>
        </Tooltip>
      )}
      {student.closeToLine && (
        <Tooltip title={words.closeHelp}>
          <span>
            <Mark strong>{words.close}</Mark>
          </span>
        </Tooltip>
      )}
      <span>{student.value !== undefined && scoreText(student.value, measure)}</span>
    </Box>
  );
}

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

function Mark({ children, strong }: { children: string; strong?: boolean }) {
  return (
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
}
