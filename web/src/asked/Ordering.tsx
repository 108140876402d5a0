import { closestCenter, DndContext, type DragEndEvent } from "@dnd-kit/core";
import { SortableContext, useSortable, verticalListSortingStrategy } from "@dnd-kit/sortable";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { moved, orderOf, type Sheet } from "./answers";
import type { FieldProps } from "./field";
import { Html } from "./Html";
import { usePointers } from "./usePointers";
import { words } from "./words";

/** Parts that are dragged, or moved up and down by their arrows, until they stand in order. */
export function Ordering({ sheet, given, onGive }: FieldProps) {
  const order = orderOf(sheet, given);
  const sensors = usePointers();
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    const from = order.indexOf(Number(active.id) - 1);
    const to = over ? order.indexOf(Number(over.id) - 1) : from;
    if (from !== to) {
      onGive(moved(order, from, to - from));
    }
  };
  return (
    <>
      <Box sx={{ mb: 1, color: "var(--z-soft)", fontSize: "0.88em" }}>{words.order}</Box>
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
        {/* The library takes no id 0. */}
        <SortableContext items={order.map((place) => place + 1)} strategy={verticalListSortingStrategy}>
          <Box component="ol" sx={{ listStyle: "none", p: 0, m: 0, display: "grid", gap: 1 }}>
            {order.map((place, i) => {
              const part = sheet.parts.find((each) => each.name === place);
              return (
                part && (
                  <Part
                    key={place}
                    part={part}
                    number={i + 1}
                    last={i === order.length - 1}
                    onMove={(by) => onGive(moved(order, i, by))}
                  />
                )
              );
            })}
          </Box>
        </SortableContext>
      </DndContext>
      {given === undefined && (
        <Button sx={{ mt: 1, minHeight: 44 }} onClick={() => onGive(order.join(","))}>
          {words.orderIsRight}
        </Button>
      )}
    </>
  );
}

interface PartProps {
  part: Sheet["parts"][number];
  number: number;
  last: boolean;
  onMove: (by: number) => void;
}

function Part({ part, number, last, onMove }: PartProps) {
  const { setNodeRef, listeners, transform, transition, isDragging } = useSortable({ id: part.name + 1 });
  return (
    <Box
      component="li"
      ref={setNodeRef}
      {...listeners}
      sx={{
        display: "flex",
        alignItems: "center",
        gap: 1.5,
        p: 1,
        px: 2,
        borderRadius: "12px",
        bgcolor: "var(--z-card)",
        border: `1px solid var(--z-${isDragging ? "aubergine" : "line"})`,
        cursor: "grab",
        touchAction: "manipulation",
        position: "relative",
        zIndex: isDragging ? 1 : 0,
        transform: transform ? `translate3d(0, ${transform.y}px, 0)` : undefined,
        transition,
      }}
    >
      <Box sx={{ color: "var(--z-soft)", width: 20 }}>{number}</Box>
      <Html html={part.html} component="span" sx={{ flex: 1 }} />
      <Move label={words.up({ part: part.text })} disabled={number === 1} onMove={() => onMove(-1)}>
        ↑
      </Move>
      <Move label={words.down({ part: part.text })} disabled={last} onMove={() => onMove(1)}>
        ↓
      </Move>
    </Box>
  );
}

interface MoveProps {
  label: string;
  disabled: boolean;
  onMove: () => void;
  children: string;
}

function Move({ label, disabled, onMove, children }: MoveProps) {
  return (
    <Button
      aria-label={label}
      disabled={disabled}
      onClick={onMove}
      sx={{ minWidth: 44, minHeight: 44, px: 1 }}
    >
      {children}
    </Button>
  );
}
