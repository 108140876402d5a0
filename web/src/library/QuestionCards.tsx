import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { type KeyboardEvent, useRef } from "react";
import { editorWords as words } from "./editorWords";
import { QuestionCard } from "./QuestionCard";
import { emptyDraft, type QuestionDraft, type QuestionKind } from "./questionDraft";

interface Props {
  drafts: QuestionDraft[];
  skills: ReadonlyMap<number, string>;
  onChange: (drafts: QuestionDraft[]) => void;
}

const kinds = (): QuestionKind[] => Object.keys(words.kinds) as QuestionKind[];

/** Questions to be written fast: Ctrl+Enter begins the next, Alt and a number chooses its kind. */
export function QuestionCards({ drafts, skills, onChange }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const focusPrompt = (place: number) =>
    requestAnimationFrame(() => {
      const card = box.current?.querySelector(`[data-question="${place}"]`);
      card?.querySelector<HTMLElement>("textarea:not([aria-hidden])")?.focus();
    });
  const change = (place: number, draft: QuestionDraft) =>
    onChange(drafts.map((each, i) => (i === place ? draft : each)));
  const add = (after: number) => {
    const like = drafts[after];
    const next = { ...emptyDraft(like?.kind), skillId: like?.skillId, points: like?.points ?? "1" };
    onChange([...drafts.slice(0, after + 1), next, ...drafts.slice(after + 1)]);
    focusPrompt(after + 1);
  };
  const move = (place: number, by: number) => {
    const next = [...drafts];
    const [taken] = next.splice(place, 1);
    if (taken) {
      next.splice(place + by, 0, taken);
      onChange(next);
      focusPrompt(place + by);
    }
  };
  const onKeyDown = (event: KeyboardEvent, place: number) => {
    const draft = drafts[place];
    const kind =
      event.altKey && /^Digit[1-9]$/.test(event.code) ? kinds()[Number(event.code.slice(5)) - 1] : undefined;
    if (event.ctrlKey && event.key === "Enter") {
      event.preventDefault();
      add(place);
    } else if (kind && draft) {
      event.preventDefault();
      change(place, { ...draft, kind });
    }
  };
  return (
    <Box ref={box} sx={{ display: "grid", gap: 1.5 }}>
      {drafts.map((draft, i) => (
        <Box key={draft.key} data-question={i} onKeyDown={(event) => onKeyDown(event, i)}>
          <QuestionCard
            draft={draft}
            number={i + 1}
            last={i === drafts.length - 1}
            skills={skills}
            onChange={(changed) => change(i, changed)}
            onMove={(by) => move(i, by)}
            onRemove={
              drafts.length > 1 ? () => onChange(drafts.filter((_, place) => place !== i)) : undefined
            }
          />
        </Box>
      ))}
      <Box sx={{ display: "flex", alignItems: "center", gap: 1.5, flexWrap: "wrap" }}>
        <Button onClick={() => add(drafts.length - 1)}>{words.another}</Button>
        <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{words.keyHelp}</Box>
      </Box>
    </Box>
  );
}
