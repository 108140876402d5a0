import {
  DndContext,
  type DragEndEvent,
  DragOverlay,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { type ReactNode, useState } from "react";
import type { Schemas } from "../../api/client";
import { Card } from "../../shell/Card";
import type { Adding } from "./AddDialog";
import { onDay } from "./layout";
import type { WeekDeeds } from "./useWeekDeeds";
import { words } from "./words";

interface Dragged {
  item?: Schemas["ReadyItem"];
  bar?: Schemas["WeekBar"];
  session?: Schemas["SessionShown"];
}

interface Props {
  deeds: WeekDeeds;
  onAdd: (adding: Adding) => void;
  children: ReactNode;
}

/** Items are dropped on a day to make work of them, bars and sessions to move them. */
export function DragWeek({ deeds, onAdd, children }: Props) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const [dragged, setDragged] = useState<Dragged | null>(null);
  const drop = ({ active, over }: DragEndEvent) => {
    setDragged(null);
    const what = active.data.current as Dragged;
    const to = over?.data.current as { groupId?: number; everyone: boolean; day: string } | undefined;
    if (!to) {
      return;
    }
    if (what.item) {
      onAdd({ item: what.item, groupId: to.groupId, everyone: to.everyone, day: to.day });
    } else if (what.bar) {
      deeds.toDay.mutate({ bar: what.bar, day: to.day });
    } else if (what.session) {
      deeds.moveSession.mutate({
        sessionId: what.session.id,
        begins: onDay(what.session.begins, to.day),
        before: what.session.begins,
      });
    }
  };
  const name =
    dragged?.item?.title ?? dragged?.bar?.name ?? (dragged?.session && words.session(dragged.session));
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={pointerWithin}
      onDragStart={({ active }) => setDragged(active.data.current as Dragged)}
      onDragEnd={drop}
      onDragCancel={() => setDragged(null)}
    >
      {children}
      <DragOverlay dropAnimation={null}>
        {name && <Card sx={{ px: 1.5, py: 0.5, width: "fit-content", fontWeight: 700 }}>{name}</Card>}
      </DragOverlay>
    </DndContext>
  );
}
