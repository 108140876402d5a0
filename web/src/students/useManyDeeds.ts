import { useMutation } from "@tanstack/react-query";
import { api, data, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

type Deed = Schemas["StudentsDeed"];
type Kind = Deed["kind"];

/** What takes a deed back for those it changed. */
const OPPOSITE: Record<Kind, Kind> = {
  ARCHIVE: "BRING_BACK",
  BRING_BACK: "ARCHIVE",
  TAG: "UNTAG",
  UNTAG: "TAG",
  ADD_TO_CLASS: "TAKE_OUT",
  TAKE_OUT: "ADD_TO_CLASS",
};

/** Deeds on one or several students, done for all or none, each with its sentence and its way back. */
export function useManyDeeds(classId: number, students: readonly number[]) {
  const tell = useNotice();
  const onError = (error: Error) => tell(error.message);
  const refresh = () => {
    queryClient.invalidateQueries({ queryKey: ["class"] });
    queryClient.invalidateQueries({ queryKey: ["classes"] });
    queryClient.invalidateQueries({ queryKey: ["student"] });
  };
  const deed = useMutation({
    mutationFn: (body: Deed) => data<Schemas["DeedDone"]>(api.POST("/api/students/deeds", { body })),
    onSuccess: refresh,
    onError,
  });
  const codes = useMutation({
    mutationFn: () =>
      api.POST("/api/classes/{classId}/entry-codes", {
        params: { path: { classId } },
        body: { deed: "RENEW", students: [...students] },
      }),
    onSuccess: () => {
      refresh();
      tell(words.newCodesDone({ count: students.length }));
    },
    onError,
  });
  const take = (wanted: Omit<Deed, "students">, said: (count: number) => string, onDone?: () => void) =>
    deed.mutate(
      { ...wanted, students: [...students] },
      {
        onSuccess: (done) => {
          onDone?.();
          const back =
            done.students.length > 0
              ? () => deed.mutate({ ...wanted, kind: OPPOSITE[wanted.kind], students: done.students })
              : undefined;
          tell(said(done.students.length), back);
        },
      },
    );
  return {
    newCodes: () => codes.mutate(),
    tag: (tag: string) => take({ kind: "TAG", tag }, (count) => words.tagged({ count, tag })),
    addToClass: (id: number, name: string) =>
      take({ kind: "ADD_TO_CLASS", classId: id }, (count) => words.addedToClass({ count, name })),
    takeOut: (id: number, name: string, onDone: () => void) =>
      take({ kind: "TAKE_OUT", classId: id }, (count) => words.takenOut({ count, name }), onDone),
    archive: (onDone: () => void) =>
      take({ kind: "ARCHIVE" }, (count) => words.archivedDone({ count }), onDone),
    bringBack: (onDone: () => void) =>
      take({ kind: "BRING_BACK" }, (count) => words.broughtBack({ count }), onDone),
  };
}
