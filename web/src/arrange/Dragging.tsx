import {
  DndContext,
  type DragEndEvent,
  DragOverlay,
  PointerSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { Card } from "../shell/Card";
import { useMayChange } from "../shell/role";
import { Trays } from "./Trays";
import type { Command } from "./useBenchStep";
import type { Comparison } from "./useComparison";
import type { Selection } from "./useSelection";
import { words } from "./words";

interface Props {
  bench: Schemas["BenchView"];
  selection: Selection;
  comparison: Comparison;
  onCommand: (command: Command, said?: string) => void;
}

/** The trays, between which students are dragged, alone or all that are selected. */
export function Dragging({ bench, selection, comparison, onCommand }: Props) {
  const pointer = useSensor(PointerSensor, { activationConstraint: { distance: 6 } });
  const sensors = useSensors(useMayChange() ? pointer : null);
  const [dragged, setDragged] = useState<number | null>(null);
  const drop = ({ active, over }: DragEndEvent) => {
    setDragged(null);
    const id = Number(active.data.current?.student);
    const students = selection.has(id) ? [...selection.ids] : [id];
    if (over) {
      const group = bench.groups.find((each) => `group-${each.id}` === over.id);
      const said = group
        ? words.says.placed({ count: students.length, group: group.name })
        : words.says.unplaced({ count: students.length });
      onCommand({ kind: "PLACE", students, groupId: group?.id }, said);
    }
  };
  const name = bench.students.find((each) => each.id === dragged)?.givenName;
  return (
    <DndContext
      sensors={sensors}
      onDragStart={({ active }) => setDragged(Number(active.data.current?.student))}
      onDragEnd={drop}
      onDragCancel={() => setDragged(null)}
    >
      <Trays bench={bench} selection={selection} comparison={comparison} onCommand={onCommand} />
      <DragOverlay dropAnimation={null}>
        {dragged !== null && (
          <Card sx={{ px: 1.5, py: 0.5, width: "fit-content", fontWeight: 700 }}>
            {name}
            {selection.has(dragged) && selection.ids.size > 1 && ` +${selection.ids.size - 1}`}
          </Card>
        )}
      </DragOverlay>
    </DndContext>
  );
}
