import Button from "@mui/material/Button";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { historyOf } from "../history/address";
import { words as history } from "../history/words";
import { useFocus } from "../shell/focus";
import { useNotice } from "../shell/Notice";
import type { TaskOpen } from "./TaskDialogs";
import type { TaskView } from "./taskEdit";
import { useUndoStep } from "./useUndoStep";
import { words } from "./words";

interface Props {
  task: TaskView;
  isChanging: boolean;
  onOpen: (open: TaskOpen) => void;
}

/** What is done to a task seldom. */
export function TaskMenu({ task, isChanging, onOpen }: Props) {
  const { classId } = useFocus();
  const navigate = useNavigate();
  const tell = useNotice();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const bringBack = useUndoStep();
  const remove = useMutation({
    mutationFn: () =>
      data<Schemas["StepDone"]>(
        api.DELETE("/api/tasks/{taskId}", {
          params: { path: { taskId: task.id }, query: { version: task.version } },
        }),
      ),
    onSuccess: ({ stepId }) => {
      queryClient.invalidateQueries({ queryKey: ["class", classId] });
      tell(words.settings.removed({ name: task.name }), () => bringBack.mutate(stepId));
      navigate(`/classes/${classId}/plan`);
    },
    onError: (error) => tell(error.message),
  });
  const act = (deed: () => void) => () => {
    setAnchor(null);
    deed();
  };
  return (
    <>
      <Button aria-haspopup="menu" onClick={(event) => setAnchor(event.currentTarget)}>
        {words.settings.button}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        <MenuItem onClick={act(() => onOpen("settings"))}>{words.settings.about}</MenuItem>
        {task.versions.length > 1 && (
          <MenuItem onClick={act(() => onOpen("stagger"))}>{words.settings.stagger}</MenuItem>
        )}
        <MenuItem component={Link} to={historyOf(classId, "TASK", task.id, task.name)}>
          {history.open}
        </MenuItem>
        {task.state !== "HANDED_OUT" && (
          <MenuItem disabled={isChanging} onClick={act(() => remove.mutate())}>
            {words.settings.remove}
          </MenuItem>
        )}
      </Menu>
    </>
  );
}
