import { useDraggable } from "@dnd-kit/core";
import Box from "@mui/material/Box";
import { useNavigate } from "react-router";
import type { Schemas } from "../../api/client";
import { useFocus } from "../../shell/focus";
import type { WeekDeeds } from "./useWeekDeeds";
import type { WeekOpen } from "./weekOpen";
import { words } from "./words";

interface Props {
  week: Schemas["Week"];
  deeds: WeekDeeds;
  onOpen: (open: WeekOpen) => void;
}

const MOST = 12;

/** Tasks that lie on no day yet. */
export function Undated({ week, onOpen }: Props) {
  if (week.undated.length === 0) {
    return null;
  }
  return (
    <Box component="section" aria-label={words.undated} className="no-print" sx={{ mt: 1 }}>
      <Box sx={{ fontSize: 12.5, color: "var(--z-soft)", mb: 0.5 }}>
        <b>{words.undated}</b> {week.mayChange && words.undatedAbout}
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.75 }}>
        {week.undated.slice(-MOST).map((bar) => (
          <UndatedTask key={bar.taskId} bar={bar} mayChange={week.mayChange} onOpen={onOpen} />
        ))}
      </Box>
    </Box>
  );
}

function UndatedTask({
  bar,
  mayChange,
  onOpen,
}: {
  bar: Schemas["WeekBar"];
  mayChange: boolean;
  onOpen: (open: WeekOpen) => void;
}) {
  const { classId } = useFocus();
  const navigate = useNavigate();
  const drag = useDraggable({ id: `undated-${bar.taskId}`, data: { bar }, disabled: !mayChange });
  return (
    <Box
      component="button"
      type="button"
      ref={drag.setNodeRef}
      {...drag.listeners}
      onClick={() => navigate(`/classes/${classId}/plan/${bar.taskId}`)}
      onKeyDown={(event: React.KeyboardEvent) => {
        if (mayChange && event.key.toLowerCase() === "d") {
          onOpen({ kind: "days", bar });
        }
      }}
      sx={{
        font: "inherit",
        fontSize: 12.5,
        px: 1.25,
        py: 0.4,
        bgcolor: "var(--z-card)",
        color: "var(--z-ink)",
        border: `1px ${bar.state === "DRAFT" ? "dashed" : "solid"} var(--z-soft)`,
        borderRadius: "6px",
        cursor: "pointer",
        opacity: drag.isDragging ? 0.4 : 1,
      }}
    >
      {words.bar(bar)}
    </Box>
  );
}
