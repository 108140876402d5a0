import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { itemQuery, skillsQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { editorWords as words } from "../library/editorWords";
import { editOf, type ItemDraft, itemDraftOf, newItem } from "../library/itemDraft";
import { QuestionCards } from "../library/QuestionCards";
import { nameSkills } from "../library/skillNames";
import { useFocus } from "../shell/focus";
import { useNotice } from "../shell/Notice";
import { Waiting } from "../shell/Waiting";
import { keepEnterInside } from "./keepEnterInside";

interface Props {
  /** The item whose questions are changed; absent for a new quiz. */
  setId: number | undefined;
  onKept: (questionIds: number[]) => void;
  onCancel: () => void;
}

/** Writes questions without leaving the task. */
export function QuestionSetEditor(props: Props) {
  const item = useQuery({ ...itemQuery(props.setId ?? 0), enabled: props.setId !== undefined, staleTime: 0 });
  if (props.setId === undefined) {
    return <Editor {...props} start={newItem("QUIZ")} />;
  }
  return item.data && item.isFetchedAfterMount ? (
    <Editor {...props} start={itemDraftOf(item.data)} />
  ) : (
    <Waiting />
  );
}

function Editor({ setId, start, onKept, onCancel }: Props & { start: ItemDraft }) {
  const { classId } = useFocus();
  const [draft, setDraft] = useState(start);
  const skills = nameSkills(useQuery(skillsQuery).data);
  const tell = useNotice();
  const keep = useMutation({
    mutationFn: () => {
      const body = editOf(draft, classId);
      return data<Schemas["ItemView"]>(
        setId === undefined
          ? api.POST("/api/library/items", { body })
          : api.PUT("/api/library/items/{itemId}", { params: { path: { itemId: setId } }, body }),
      );
    },
    onSuccess: async (kept) => {
      await queryClient.invalidateQueries({ queryKey: ["library"] });
      onKept(kept.questions.flatMap((question) => question.id ?? []));
    },
    onError: (error) => tell(error.message),
  });
  return (
    <Box sx={{ display: "grid", gap: 1.5 }} onKeyDown={keepEnterInside}>
      <TextField
        autoFocus
        label={words.setTitle}
        value={draft.title}
        onChange={(event) => setDraft({ ...draft, title: event.target.value })}
      />
      <QuestionCards
        drafts={draft.questions}
        skills={skills}
        onChange={(questions) => setDraft({ ...draft, questions })}
      />
      <Box sx={{ display: "flex", gap: 1, justifyContent: "end" }}>
        <Button onClick={onCancel}>{words.cancel}</Button>
        <Button disabled={keep.isPending || !draft.title.trim()} onClick={() => keep.mutate()}>
          {words.keepSet}
        </Button>
      </Box>
    </Box>
  );
}
