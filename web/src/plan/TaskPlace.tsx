import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { useCallback, useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import { taskQuery } from "../api/planQueries";
import { PlaceHead } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { type KeyHint, useShowKeys } from "../shell/keyHints";
import { useUndoKey } from "../shell/useUndoKey";
import { Waiting } from "../shell/Waiting";
import { Adjustments } from "./Adjustments";
import { DoneElsewhere } from "./DoneElsewhere";
import { EffectsOfChange } from "./EffectsOfChange";
import { OnTop } from "./OnTop";
import { TaskDialogs, type TaskOpen } from "./TaskDialogs";
import { TaskMenu } from "./TaskMenu";
import { type TaskView, withVersion } from "./taskEdit";
import { type Change, useTaskEdit } from "./useTaskEdit";
import { VersionTable } from "./VersionTable";
import { WhoGetsWhat } from "./WhoGetsWhat";
import { words } from "./words";

const keys = (): readonly KeyHint[] => [
  [["Tab"], words.keys.edit],
  [["B"], words.keys.back],
  [["V"], words.keys.version],
];

export default function TaskPlace() {
  const task = useQuery(taskQuery(Number(useParams().taskId))).data;
  useShowKeys(keys);
  return task ? <TaskScreen task={task} /> : <Waiting />;
}

function TaskScreen({ task }: { task: TaskView }) {
  const { classId } = useFocus();
  const [search] = useSearchParams();
  const out = task.state === "HANDED_OUT";
  const deeds = useTaskEdit(task.id);
  const [open, setOpen] = useState<TaskOpen>(search.has("hand-out") && !out ? "handOut" : null);
  const { propose, undo } = deeds;
  const onChange = useCallback((asked: Change) => propose(asked), [propose]);
  const lastStep = task.mayChange ? task.lastStep : undefined;
  useUndoKey(lastStep && !undo.isPending ? () => undo.mutate(lastStep.id) : undefined);
  return (
    <Box
      onKeyDown={(event) => {
        const typing = (event.target as HTMLElement).closest("input, textarea, select, [role=dialog]");
        if (
          event.key.toLowerCase() === "v" &&
          !typing &&
          !event.ctrlKey &&
          !event.metaKey &&
          task.mayChange
        ) {
          onChange((edit) => withVersion(edit, words.versionName({ number: edit.versions.length })));
        }
      }}
    >
      <PlaceHead
        title={task.name}
        about={words.aboutTask(task)}
        between={
          lastStep && (
            <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
              {words.undo.said(lastStep)}{" "}
              <Button size="small" variant="text" onClick={() => undo.mutate(lastStep.id)}>
                {words.undo.button}
              </Button>
            </Box>
          )
        }
      >
        <Button component={Link} to={`/classes/${classId}/plan`} variant="text">
          {words.toWeek}
        </Button>
        <Button onClick={() => setOpen("seeAs")}>{words.seeAs.button}</Button>
        {task.mayChange && <TaskMenu task={task} isChanging={deeds.isChanging} onOpen={setOpen} />}
        {task.mayChange &&
          (out ? (
            <Button onClick={() => setOpen("takeBack")}>{words.takeBack}</Button>
          ) : (
            <Button variant="contained" onClick={() => setOpen("handOut")}>
              {words.handOut}
            </Button>
          ))}
      </PlaceHead>
      <WhoGetsWhat task={task} onChange={onChange} />
      <DoneElsewhere task={task} />
      <VersionTable task={task} onChange={onChange} />
      <OnTop task={task} />
      <Adjustments task={task} onChange={onChange} />
      <TaskDialogs task={task} open={open} deeds={deeds} onClose={() => setOpen(null)} />
      {deeds.foreseen && (
        <EffectsOfChange
          foreseen={deeds.foreseen}
          onClose={deeds.closeForeseen}
          onGo={(alsoRunning) => {
            const { change } = deeds.foreseen as { change: Change };
            deeds.closeForeseen();
            deeds.change.mutate((edit) => ({ ...change(edit), alsoRunning }));
          }}
        />
      )}
    </Box>
  );
}
