import { useDraggable } from "@dnd-kit/core";
import Box from "@mui/material/Box";
import type { Schemas } from "../../api/client";
import { words } from "./words";

interface Props {
  session: Schemas["SessionShown"];
  rowKey: number | string;
  colour: string;
  onOpen: () => void;
  mayChange: boolean;
}

/** Time at the table, as a filled block; what it clashes with is said in words. */
export function SessionBlock({ session, rowKey, colour, onOpen, mayChange }: Props) {
  const clash = session.clashes.length > 0;
  const drag = useDraggable({
    id: `session-${rowKey}-${session.id}`,
    data: { session },
    disabled: !mayChange,
  });
  return (
    <Box
      component="button"
      type="button"
      ref={drag.setNodeRef}
      {...drag.listeners}
      title={words.sessionAbout(session)}
      aria-label={[words.session(session), words.sessionAbout(session)].join(", ")}
      onClick={onOpen}
      sx={{
        display: "block",
        width: "100%",
        height: "100%",
        px: 1,
        font: "inherit",
        fontSize: 12.5,
        textAlign: "left",
        color: clash ? "var(--z-clayText)" : colour,
        fontWeight: clash ? 700 : 400,
        bgcolor: "var(--z-sunk)",
        border: `${clash ? 2 : 1}px solid ${clash ? "var(--z-clayText)" : colour}`,
        borderRadius: "6px",
        overflow: "hidden",
        textOverflow: "ellipsis",
        whiteSpace: "nowrap",
        cursor: "pointer",
        opacity: drag.isDragging ? 0.4 : 1,
      }}
    >
      {clash && "⚠ "}
      {words.session(session)}
    </Box>
  );
}
