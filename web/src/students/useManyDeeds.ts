import { useMutation } from "@tanstack/react-query";
import { api, data, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

type Path = "/api/students/{studentId}/archive" | "/api/students/{studentId}/bring-back";

/** Deeds on several students, each with its sentence and, where it moves people, its way back. */
export function useManyDeeds(classId: number, students: readonly number[]) {
  const tell = useNotice();
  const onError = (error: Error) => tell(error.message);
  const refresh = () => {
    queryClient.invalidateQueries({ queryKey: ["class"] });
    queryClient.invalidateQueries({ queryKey: ["classes"] });
    queryClient.invalidateQueries({ queryKey: ["student"] });
  };
  const each = useMutation({
    mutationFn: (asked: { path: Path; ids: readonly number[] }) =>
      Promise.all(asked.ids.map((studentId) => api.POST(asked.path, { params: { path: { studentId } } }))),
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
      tell(words.newCodesDone(students.length));
    },
    onError,
  });
  const toClass = useMutation({
    mutationFn: ({ id, add, ids }: { id: number; add: boolean; ids: readonly number[] }) =>
      Promise.all(
        ids.map((studentId) => {
          const path = { params: { path: { classId: id, studentId } } };
          return add
            ? api.PUT("/api/classes/{classId}/students/{studentId}", path)
            : api.POST("/api/classes/{classId}/students/{studentId}/take-out", path);
        }),
      ),
    onSuccess: refresh,
    onError,
  });
  const tags = useMutation({
    mutationFn: (tag: string) => Promise.all(students.map((id) => addTag(id, tag))),
    onSuccess: (_, tag) => {
      refresh();
      tell(words.tagged(students.length, tag));
    },
    onError,
  });
  const toAndFro = (path: Path, back: Path, said: string, onDone: () => void) => {
    const ids = [...students];
    each.mutate(
      { path, ids },
      {
        onSuccess: () => {
          onDone();
          tell(said, () => each.mutate({ path: back, ids }));
        },
      },
    );
  };
  const away: Path = "/api/students/{studentId}/archive";
  const back: Path = "/api/students/{studentId}/bring-back";
  return {
    newCodes: () => codes.mutate(),
    tag: (tag: string) => tags.mutate(tag),
    addToClass: (target: { id: number; name: string; newcomers: readonly number[] }) =>
      toClass.mutate(
        { id: target.id, add: true, ids: target.newcomers },
        {
          onSuccess: () =>
            tell(words.addedToClass(target.newcomers.length, target.name), () =>
              toClass.mutate({ id: target.id, add: false, ids: target.newcomers }),
            ),
        },
      ),
    archive: (onDone: () => void) => toAndFro(away, back, words.archivedDone(students.length), onDone),
    bringBack: (onDone: () => void) => toAndFro(back, away, words.broughtBack(students.length), onDone),
  };
}

async function addTag(studentId: number, tag: string) {
  const path = { params: { path: { studentId } } };
  const sheet = await data<Schemas["StudentSheet"]>(api.GET("/api/students/{studentId}", path));
  if (sheet.tags.includes(tag)) {
    return sheet;
  }
  const body = { version: sheet.version, facts: sheet.facts, tags: [...sheet.tags, tag] };
  return data<Schemas["StudentSheet"]>(api.PUT("/api/students/{studentId}", { ...path, body }));
}
