import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { libraryQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { useNotice } from "../shell/Notice";
import { editorWords as words } from "./editorWords";
import { keepEnterInside } from "./keepEnterInside";
import { draftOf, emptyDraft, type QuestionDraft, questionOf } from "./questionDraft";

interface Props {
  /** The set to change; absent for a new one. */
  set: Schemas["QuestionSet"] | undefined;
  onKept: (questionIds: number[]) => void;
  onCancel: () => void;
}

function save(set: Props["set"], body: Schemas["QuestionSetEdit"]) {
  return data<Schemas["QuestionSet"]>(
    set
      ? api.PUT("/api/library/question-sets/{setId}", { params: { path: { setId: set.id } }, body })
      : api.POST("/api/library/question-sets", { body }),
  );
}

/** Writes questions: a prompt, the kind, and the answer in plain lines. */
export function QuestionSetEditor({ set, onKept, onCancel }: Props) {
  const [title, setTitle] = useState(set?.title ?? "");
  const [drafts, setDrafts] = useState<QuestionDraft[]>(set?.questions.map(draftOf) ?? [emptyDraft()]);
  const tell = useNotice();
  const keep = useMutation({
    mutationFn: () => save(set, { title, questions: drafts.map(questionOf), version: set?.version }),
    onSuccess: async (kept) => {
      await queryClient.invalidateQueries({ queryKey: libraryQuery.queryKey });
      onKept(kept.questions.flatMap((question) => question.id ?? []));
    },
    onError: (error) => tell(error.message),
  });
  const change = (place: number, draft: QuestionDraft) =>
    setDrafts(drafts.map((each, i) => (i === place ? draft : each)));
  return (
    <Box sx={{ display: "grid", gap: 1.5 }} onKeyDown={keepEnterInside}>
      <TextField
        autoFocus
        label={words.setTitle}
        value={title}
        onChange={(event) => setTitle(event.target.value)}
      />
      {drafts.map((draft, i) => (
        <Box
          key={i}
          sx={{ border: "1px solid var(--z-line)", borderRadius: "8px", p: 1.25, display: "grid", gap: 1 }}
        >
          <QuestionFields draft={draft} number={i + 1} onChange={(changed) => change(i, changed)} />
          {drafts.length > 1 && (
            <Button
              size="small"
              variant="text"
              sx={{ justifySelf: "start" }}
              onClick={() => setDrafts(drafts.filter((_, place) => place !== i))}
            >
              {words.remove(i + 1)}
            </Button>
          )}
        </Box>
      ))}
      <Box sx={{ display: "flex", gap: 1 }}>
        <Button
          onClick={() =>
            setDrafts([...drafts, { ...emptyDraft(), kind: drafts.at(-1)?.kind ?? "SINGLE_CHOICE" }])
          }
        >
          {words.another}
        </Button>
        <Box sx={{ flex: 1 }} />
        <Button onClick={onCancel}>{words.cancel}</Button>
        <Button disabled={keep.isPending || !title.trim()} onClick={() => keep.mutate()}>
          {words.keepSet}
        </Button>
      </Box>
    </Box>
  );
}

interface FieldsProps {
  draft: QuestionDraft;
  number: number;
  onChange: (draft: QuestionDraft) => void;
}

function QuestionFields({ draft, number, onChange }: FieldsProps) {
  const field = (label: string, name: "value" | "tolerance" | "unit" | "points", width = 120) => (
    <TextField
      label={label}
      value={draft[name]}
      onChange={(event) => onChange({ ...draft, [name]: event.target.value })}
      sx={{ width }}
    />
  );
  return (
    <>
      <Box sx={{ display: "flex", gap: 1 }}>
        <TextField
          fullWidth
          label={words.prompt(number)}
          value={draft.prompt}
          onChange={(event) => onChange({ ...draft, prompt: event.target.value })}
        />
        <TextField
          select
          label={words.kind}
          value={draft.kind}
          onChange={(event) => onChange({ ...draft, kind: event.target.value as QuestionDraft["kind"] })}
          sx={{ width: 190, flex: "none" }}
        >
          {Object.entries(words.kinds).map(([kind, name]) => (
            <MenuItem key={kind} value={kind}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        {field(words.points, "points", 90)}
      </Box>
      {draft.kind === "NUMERIC" ? (
        <Box sx={{ display: "flex", gap: 1 }}>
          {field(words.answer, "value")}
          {field(words.tolerance, "tolerance")}
          {field(words.unit, "unit")}
        </Box>
      ) : (
        <TextField
          multiline
          minRows={2}
          label={draft.kind === "SINGLE_CHOICE" ? words.options : words.accepted}
          value={draft.lines}
          onChange={(event) => onChange({ ...draft, lines: event.target.value })}
        />
      )}
    </>
  );
}
