import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { useCallback, useState } from "react";
import { Link, useParams } from "react-router";
import { taskQuery } from "../api/queries";
import { PlaceHead } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { type KeyHint, useShowKeys } from "../shell/keyHints";
import { useNotice } from "../shell/Notice";
import { Waiting } from "../shell/Waiting";
import { HandOutDialog } from "./HandOutDialog";
import { OnTop } from "./OnTop";
import { type TaskView, withVersion } from "./taskEdit";
import { type Change, useTaskEdit } from "./useTaskEdit";
import { VersionTable } from "./VersionTable";
import { WhoGetsWhat } from "./WhoGetsWhat";
import { words } from "./words";

const keys: readonly KeyHint[] = [
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
  const { change, handOut, takeBack } = useTaskEdit(task.id);
  const [handing, setHanding] = useState(false);
  const tell = useNotice();
  const mutate = change.mutate;
  const onChange = useCallback((asked: Change) => mutate(asked), [mutate]);
  const out = task.state === "HANDED_OUT";
  const go = (confirmNotCovered: boolean) =>
    handOut.mutate(
      { version: task.version, confirmNotCovered },
      {
        onSuccess: (kept) => {
          setHanding(false);
          tell(words.handedOut(kept.students.filter((each) => each.gets === "ONE").length), () =>
            takeBack.mutate(kept.version),
          );
        },
      },
    );
  return (
    <Box
      onKeyDown={(event) => {
        const typing = (event.target as HTMLElement).closest("input, textarea, select, [role=dialog]");
        if (event.key.toLowerCase() === "v" && !typing && !event.ctrlKey && !event.metaKey) {
          onChange((edit) => withVersion(edit, words.versionName(edit.versions.length)));
        }
      }}
    >
      <PlaceHead title={task.name} about={words.states[task.state]}>
        <Button component={Link} to={`/classes/${classId}/plan`} variant="text">
          {words.back}
        </Button>
        {out ? (
          <Button onClick={() => takeBack.mutate(task.version, { onSuccess: () => tell(words.takenBack) })}>
            {words.takeBack}
          </Button>
        ) : (
          <Button variant="contained" onClick={() => setHanding(true)}>
            {words.handOut}
          </Button>
        )}
      </PlaceHead>
      <WhoGetsWhat task={task} onChange={onChange} />
      <VersionTable task={task} onChange={onChange} />
      <OnTop task={task} />
      {handing && (
        <HandOutDialog task={task} pending={handOut.isPending} onGo={go} onClose={() => setHanding(false)} />
      )}
    </Box>
  );
}
