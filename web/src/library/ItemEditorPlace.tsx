import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { type KeyboardEvent, useState } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { itemQuery, skillsQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { Card, PlaceHead } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { useNotice } from "../shell/Notice";
import { Waiting } from "../shell/Waiting";
import { AboutFields } from "./AboutFields";
import { ContentFields } from "./ContentFields";
import { editorWords as words } from "./editorWords";
import { editOf, type ItemDraft, type ItemKind, itemDraftOf, newItem } from "./itemDraft";
import { QuestionCards } from "./QuestionCards";
import { emptyDraft } from "./questionDraft";
import { nameSkills } from "./skillNames";
import { words as libraryWords } from "./words";

/** Writes an item, or changes one. */
export default function ItemEditorPlace() {
  const { itemId } = useParams();
  const [params] = useSearchParams();
  const item = useQuery({ ...itemQuery(Number(itemId)), enabled: itemId !== undefined, staleTime: 0 });
  if (itemId === undefined) {
    const kind = (params.get("kind") ?? "TEXT") as ItemKind;
    return <ItemEditor key={kind} start={newItem(kind)} />;
  }
  return item.data && item.isFetchedAfterMount ? (
    <ItemEditor key={itemId} itemId={Number(itemId)} start={itemDraftOf(item.data)} />
  ) : (
    <Waiting />
  );
}

function ItemEditor({ itemId, start }: { itemId?: number; start: ItemDraft }) {
  const { classId } = useFocus();
  const [draft, setDraft] = useState(start);
  const skills = nameSkills(useQuery(skillsQuery).data);
  const navigate = useNavigate();
  const tell = useNotice();
  const set = (fields: Partial<ItemDraft>) => setDraft((now) => ({ ...now, ...fields }));
  const keep = useMutation({
    mutationFn: () => {
      const body = editOf(draft, classId);
      return data<Schemas["ItemView"]>(
        itemId === undefined
          ? api.POST("/api/library/items", { body })
          : api.PUT("/api/library/items/{itemId}", { params: { path: { itemId } }, body }),
      );
    },
    onSuccess: (kept) => {
      queryClient.invalidateQueries({ queryKey: ["library"] });
      tell(words.kept({ title: kept.title }));
      navigate(`/classes/${classId}/library?words=${encodeURIComponent(kept.title)}`);
    },
    onError: (error) => tell(error.message),
  });
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.ctrlKey && event.key === "s") {
      event.preventDefault();
      keep.mutate();
    }
  };
  const asks = draft.kind !== "LESSON" && draft.kind !== "LINK";
  return (
    <Box onKeyDown={onKeyDown}>
      <PlaceHead
        title={
          itemId === undefined
            ? words.newItem({ kind: libraryWords.newKinds[draft.kind] })
            : words.change({ title: start.title })
        }
      >
        <Button component={Link} to={`/classes/${classId}/library`}>
          {words.back}
        </Button>
        <Button
          variant="contained"
          disabled={keep.isPending || !draft.title.trim()}
          onClick={() => keep.mutate()}
        >
          {words.keep}
        </Button>
      </PlaceHead>
      <Box
        sx={{
          display: "grid",
          gap: 2,
          gridTemplateColumns: { xs: "1fr", md: "minmax(420px, 1fr) 320px" },
          alignItems: "start",
        }}
      >
        <Box sx={{ display: "grid", gap: 2 }}>
          <Card sx={{ p: 2, display: "grid", gap: 1.5 }}>
            <ContentFields draft={draft} onChange={set} />
          </Card>
          {asks && (
            <Box component="section">
              <Box component="h2" sx={{ fontSize: 15, mb: 1 }}>
                {words.questions}
              </Box>
              {draft.questions.length === 0 ? (
                <Button onClick={() => set({ questions: [emptyDraft()] })}>{words.another}</Button>
              ) : (
                <QuestionCards
                  drafts={draft.questions}
                  skills={skills}
                  onChange={(questions) => set({ questions })}
                />
              )}
            </Box>
          )}
        </Box>
        <Card component="section" sx={{ p: 2, display: "grid", gap: 1.5 }}>
          <Box component="h2" sx={{ fontSize: 15 }}>
            {words.about}
          </Box>
          <AboutFields draft={draft} skills={skills} onChange={set} />
        </Card>
      </Box>
    </Box>
  );
}
