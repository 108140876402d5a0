import {
  DndContext,
  type DragEndEvent,
  DragOverlay,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogTitle from "@mui/material/DialogTitle";
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
  const [asked, setAsked] = useState<{ what: Dragged; day: string } | null>(null);
  const drop = ({ active, over }: DragEndEvent) => {
    setDragged(null);
    const what = active.data.current as Dragged;
    const to = over?.data.current as
      | { groupId?: number; everyone: boolean; day: string; teaching: boolean }
      | undefined;
    if (!to) {
      return;
    }
    if (what.item) {
      onAdd({ item: what.item, groupId: to.groupId, everyone: to.everyone, day: to.day });
    } else if (to.teaching) {
      move(what, to.day);
    } else {
      setAsked({ what, day: to.day });
    }
  };
  const move = ({ bar, session }: Dragged, day: string) => {
    if (bar) {
      deeds.toDay.mutate({ bar, day });
    } else if (session) {
      deeds.moveSession.mutate({
        sessionId: session.id,
        begins: onDay(session.begins, day),
        before: session.begins,
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
      {asked && (
        <ClosedDay
          day={asked.day}
          onClose={() => setAsked(null)}
          onGo={() => {
            setAsked(null);
            move(asked.what, asked.day);
          }}
        />
      )}
    </DndContext>
  );
}

/** Nothing is put on a day without lessons by a slip of the hand. */
function ClosedDay({ day, onGo, onClose }: { day: string; onGo: () => void; onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} aria-labelledby="closed-day">
      <DialogTitle id="closed-day">{words.closedDay.title(day)}</DialogTitle>
      <DialogActions>
        <Button onClick={onClose}>{words.cancel}</Button>
        <Button variant="contained" onClick={onGo}>
          {words.closedDay.go}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
