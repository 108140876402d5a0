import { useMutation } from "@tanstack/react-query";
import { api, data, type Schemas } from "../../api/client";
import { refreshTasks } from "../../plan/useUndoStep";
import { useFocus } from "../../shell/focus";
import { useNotice } from "../../shell/Notice";
import { words } from "./words";

type Acted = Schemas["Acted"];
type Cells = Schemas["WorkCell"][];

/** Acts on selected work; each says what was done, with a way back. */
export function useCellActs() {
  const { classId } = useFocus();
  const tell = useNotice();
  const path = { params: { path: { classId } } };
  const undo = useMutation({
    mutationFn: (done: Acted) => api.POST("/api/classes/{classId}/progress/undo", { ...path, body: done }),
    onSuccess: () => tell(words.panel.done.undone),
    onError: (error) => tell(error.message),
    onSettled: refreshTasks,
  });
  const act = useMutation({
    mutationFn: ({ call }: { call: () => Promise<Acted>; said: string; undoable?: boolean }) => call(),
    onSuccess: (done, { said, undoable = true }) =>
      tell(said, undoable ? () => undo.mutate(done) : undefined),
    onError: (error) => tell(error.message),
    onSettled: refreshTasks,
  });
  const excuse = (cells: Cells, excused: boolean) =>
    act.mutate({
      call: () =>
        data<Acted>(
          api.POST("/api/classes/{classId}/progress/excused", { ...path, body: { cells, excused } }),
        ),
      said: excused ? words.panel.done.excused({ count: cells.length }) : words.panel.done.unexcused,
      undoable: excused,
    });
  const extend = (cells: Cells) =>
    act.mutate({
      call: () =>
        data<Acted>(
          api.POST("/api/classes/{classId}/progress/extensions", { ...path, body: { cells, days: 2 } }),
        ),
      said: words.panel.done.extended,
    });
  const remind = (cells: Cells) =>
    act.mutate({
      call: () =>
        data<Acted>(api.POST("/api/classes/{classId}/progress/reminders", { ...path, body: { cells } })),
      said: words.panel.done.reminded({ count: new Set(cells.map((each) => each.studentId)).size }),
    });
  const tryAgain = (wanted: Schemas["AnotherTry"], onDone?: () => void) =>
    act.mutate(
      {
        call: () =>
          data<Acted>(api.POST("/api/classes/{classId}/progress/another-try", { ...path, body: wanted })),
        said: words.panel.done.again({ count: new Set(wanted.cells.map((each) => each.studentId)).size }),
      },
      { onSuccess: onDone },
    );
  return { excuse, extend, remind, tryAgain, pending: act.isPending };
}
