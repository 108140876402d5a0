import { DndContext, type DragEndEvent, useDraggable, useDroppable } from "@dnd-kit/core";
import Box from "@mui/material/Box";
import { paired, pairsOf, type Sheet } from "./answers";
import type { FieldProps } from "./field";
import { Html } from "./Html";
import { usePointers } from "./usePointers";
import { words } from "./words";

/** What belongs together: dragged to its place, or chosen there from a list; a finger, a mouse and the keys alike. */
export function Matching({ sheet, given, onGive }: FieldProps) {
  const pairs = pairsOf(given);
  const sensors = usePointers();
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (over) {
      onGive(paired(given, Number(over.id) - 1, Number(active.id) - 1));
    }
  };
  return (
    <DndContext sensors={sensors} onDragEnd={onDragEnd}>
      <Box sx={{ mb: 1, color: "var(--z-soft)", fontSize: "0.88em" }}>{words.matching}</Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mb: 2 }} data-silent>
        {sheet.partners.map((partner) => (
          <Partner key={partner.name} partner={partner} used={[...pairs.values()].includes(partner.name)} />
        ))}
      </Box>
      <Box sx={{ display: "grid", gap: 1.25 }}>
        {sheet.parts.map((part) => (
          <Place key={part.name} part={part}>
            <select
              aria-label={words.partnerOf({ part: part.text })}
              value={pairs.get(part.name) ?? ""}
              onChange={(event) => onGive(paired(given, part.name, Number(event.target.value)))}
              style={selectStyle}
            >
              <option value="" disabled>
                {words.choose}
              </option>
              {sheet.partners.map((partner) => (
                <option key={partner.name} value={partner.name}>
                  {partner.text}
                </option>
              ))}
            </select>
          </Place>
        ))}
      </Box>
    </DndContext>
  );
}

function Partner({ partner, used }: { partner: Sheet["partners"][number]; used: boolean }) {
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({ id: partner.name + 1 });
  return (
    <Box
      ref={setNodeRef}
      {...listeners}
      aria-hidden="true"
      sx={{
        px: 1.5,
        py: 0.75,
        borderRadius: 99,
        cursor: "grab",
        touchAction: "manipulation",
        bgcolor: used ? "var(--z-sunk)" : "var(--z-card)",
        color: used ? "var(--z-soft)" : "var(--z-ink)",
        border: `1px solid var(--z-${isDragging ? "aubergine" : "line"})`,
        position: "relative",
        zIndex: isDragging ? 2 : 0,
        transform: transform ? `translate3d(${transform.x}px, ${transform.y}px, 0)` : undefined,
      }}
    >
      {partner.text}
    </Box>
  );
}

function Place({ part, children }: { part: Sheet["parts"][number]; children: React.ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id: part.name + 1 });
  return (
    <Box
      ref={setNodeRef}
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" },
        gap: 1.5,
        alignItems: "center",
        p: 1,
        borderRadius: "12px",
        border: `1px ${isOver ? "solid var(--z-aubergine)" : "dashed var(--z-line)"}`,
      }}
    >
      <Html html={part.html} component="span" />
      {children}
    </Box>
  );
}

export const selectStyle = {
  font: "inherit",
  color: "var(--z-ink)",
  background: "var(--z-card)",
  border: "1px solid var(--z-line)",
  borderRadius: 8,
  padding: "8px 10px",
  minHeight: 44,
  maxWidth: "100%",
};
