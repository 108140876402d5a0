import Box from "@mui/material/Box";
import { useMutation } from "@tanstack/react-query";
import { api, type Schemas } from "../api/client";
import { pairNotesQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { useFocus } from "../shell/focus";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

type Note = Schemas["PairNoteEdit"];

interface Props {
  one: Schemas["BenchStudent"];
  other: Schemas["BenchStudent"];
}

/** Says of two who are selected whether they work together; what was noted of them before comes back with Undo. */
export function NoteOfTwo({ one, other }: Props) {
  const { classId } = useFocus();
  const tell = useNotice();
  const path = { classId };
  const ofThese = async () =>
    (await queryClient.fetchQuery({ ...pairNotesQuery(classId), staleTime: 0 })).find(
      (note) => [one.id, other.id].includes(note.oneId) && [one.id, other.id].includes(note.otherId),
    );
  const put = (body: Note) => api.PUT("/api/classes/{classId}/pair-notes", { params: { path }, body });
  const refresh = () => {
    queryClient.invalidateQueries({ queryKey: ["class", classId] });
    queryClient.invalidateQueries({ queryKey: ["bench"] });
  };
  const back = useMutation({
    mutationFn: async (before: Note | undefined) => {
      if (before) {
        await put(before);
        return;
      }
      const now = await ofThese();
      if (now) {
        const at = { ...path, pairNoteId: now.id };
        await api.DELETE("/api/classes/{classId}/pair-notes/{pairNoteId}", { params: { path: at } });
      }
    },
    onSuccess: refresh,
    onError: (error) => tell(error.message),
  });
  const note = useMutation({
    mutationFn: async (kind: Note["kind"]) => {
      const before = await ofThese();
      await put({ oneId: one.id, otherId: other.id, kind, weight: 1 });
      return before && { oneId: one.id, otherId: other.id, kind: before.kind, weight: before.weight };
    },
    onSuccess: (before, kind) => {
      refresh();
      tell(words.ofTwo.noted(one.givenName, other.givenName, kind), () => back.mutate(before));
    },
    onError: (error) => tell(error.message),
  });
  return (
    <Box component="label" sx={{ display: "grid", gap: 0.5, mt: 0.5 }}>
      {words.ofTwo.label({ one: one.givenName, other: other.givenName })}
      <select
        value=""
        disabled={note.isPending}
        onChange={(event) => note.mutate(event.target.value as Note["kind"])}
      >
        <option value="">{words.ofTwo.choose}</option>
        {(Object.keys(words.ofTwo.kinds) as Note["kind"][]).map((kind) => (
          <option key={kind} value={kind}>
            {words.ofTwo.kinds[kind]}
          </option>
        ))}
      </select>
    </Box>
  );
}
