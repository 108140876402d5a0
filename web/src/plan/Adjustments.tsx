import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ButtonBase from "@mui/material/ButtonBase";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { Card } from "../shell/Card";
import { dayAndTime } from "../shell/dates";
import { useFocus } from "../shell/focus";
import { AdjustmentDialog } from "./AdjustmentDialog";
import { type TaskView, type TermPart, withoutAdjustment } from "./taskEdit";
import type { Change } from "./useTaskEdit";
import { words } from "./words";

interface Props {
  task: TaskView;
  onChange: (change: Change) => void;
}

/** More time, other dates or more tries for some, apart from the versions. */
export function Adjustments({ task, onChange }: Props) {
  const [open, setOpen] = useState<number | null>(null);
  const whom = useWhom(task);
  return (
    <Card component="section" aria-label={words.adjust.title} sx={{ p: 1.5 }}>
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 1 }}>
        <Box component="h2" sx={{ fontSize: 14 }}>
          {words.adjust.title}
        </Box>
        <Box sx={{ color: "var(--z-soft)", fontSize: 12.5, flex: 1 }}>{words.adjust.about}</Box>
        {task.mayChange && (
          <Button size="small" onClick={() => setOpen(task.adjustments.length)}>
            {words.adjust.add}
          </Button>
        )}
      </Box>
      {task.adjustments.length === 0 && <Box sx={{ color: "var(--z-soft)" }}>{words.adjust.none}</Box>}
      {task.adjustments.map((adjustment, place) => {
        const name = whom(adjustment.targets);
        return (
          <Box
            key={`${name} ${adjustment.sets.join()}`}
            sx={{ display: "flex", alignItems: "center", gap: 1 }}
          >
            <ButtonBase
              disabled={!task.mayChange}
              aria-label={words.adjust.change({ whom: name })}
              onClick={() => setOpen(place)}
              sx={{ font: "inherit", flex: 1, justifyContent: "flex-start", gap: 1, textAlign: "left" }}
            >
              <b>{name}</b>
              <span>{adjustment.sets.map((part) => eased(adjustment, part)).join(", ")}</span>
              <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
                {words.adjust.reached({ count: adjustment.reached })}
              </Box>
            </ButtonBase>
            {task.mayChange && (
              <Button
                size="small"
                variant="text"
                aria-label={words.adjust.remove({ whom: name })}
                onClick={() => onChange((edit) => withoutAdjustment(edit, place))}
              >
                {words.adjust.removeShort}
              </Button>
            )}
          </Box>
        );
      })}
      {open !== null && (
        <AdjustmentDialog task={task} place={open} onChange={onChange} onClose={() => setOpen(null)} />
      )}
    </Card>
  );
}

function eased(adjustment: Schemas["AdjustmentShown"], part: TermPart): string {
  switch (part) {
    case "MINUTES":
      return adjustment.minutes === undefined
        ? words.adjust.without.MINUTES
        : words.minutes({ minutes: adjustment.minutes });
    case "TRIES":
      return `${adjustment.tries} ${words.adjust.parts.TRIES}`;
    case "OPENS":
      return date(adjustment.opens, part);
    case "DUE":
      return date(adjustment.due, part);
    case "CLOSES":
      return date(adjustment.closes, part);
  }
}

function date(at: string | undefined, part: TermPart): string {
  return at ? `${words.adjust.parts[part]} ${dayAndTime(at)}` : words.adjust.without[part];
}

/** Names for whom targets are meant, in words. */
function useWhom(task: TaskView) {
  const { arrangements } = useFocus();
  const groups = new Map(arrangements.flatMap((each) => each.groups).map((group) => [group.id, group.name]));
  const students = new Map(task.students.map((student) => [student.id, student.givenName]));
  return (targets: Schemas["TargetsShown"]) =>
    [
      targets.everyone ? words.everyone : "",
      ...targets.groups.map((id) => groups.get(id) ?? ""),
      ...targets.students.map((id) => students.get(id) ?? ""),
    ]
      .filter(Boolean)
      .join(", ");
}
