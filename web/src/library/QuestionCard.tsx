import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import IconButton from "@mui/material/IconButton";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { editorWords as words } from "./editorWords";
import type { QuestionDraft, QuestionKind } from "./questionDraft";

interface Props {
  draft: QuestionDraft;
  number: number;
  last: boolean;
  skills: ReadonlyMap<number, string>;
  onChange: (draft: QuestionDraft) => void;
  onMove: (by: number) => void;
  onRemove: (() => void) | undefined;
}

const byPartKinds: readonly QuestionKind[] = ["MULTIPLE_CHOICE", "MATCHING", "BLANKS", "HOT_WORDS"];

/** One question: its words, then the answer in plain lines, then the rest; in the order in which it is typed. */
export function QuestionCard({ draft, number, last, skills, onChange, onMove, onRemove }: Props) {
  const [feedback, setFeedback] = useState(draft.feedbackRight !== "" || draft.feedbackWrong !== "");
  const set = (fields: Partial<QuestionDraft>) => onChange({ ...draft, ...fields });
  return (
    <Box
      sx={{
        border: "1px solid var(--z-line)",
        borderRadius: "10px",
        p: 1.5,
        display: "grid",
        gap: 1.25,
        bgcolor: "var(--z-card)",
      }}
    >
      <TextField
        fullWidth
        multiline
        label={words.prompt({ number })}
        value={draft.prompt}
        onChange={(event) => set({ prompt: event.target.value })}
      />
      <AnswerLines draft={draft} onChange={onChange} />
      <Box sx={{ display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap" }}>
        <Kind kind={draft.kind} onChange={(kind) => set({ kind })} />
        <TextField
          label={words.points}
          value={draft.points}
          onChange={(event) => set({ points: event.target.value })}
          sx={{ width: 76 }}
        />
        {skills.size > 0 && (
          <SkillShown chosen={draft.skillId} skills={skills} onChoose={(skillId) => set({ skillId })} />
        )}
        {byPartKinds.includes(draft.kind) && (
          <FormControlLabel
            control={
              <Checkbox
                size="small"
                checked={draft.byPart}
                onChange={(event) => set({ byPart: event.target.checked })}
              />
            }
            label={words.byPart}
          />
        )}
        {!feedback && draft.kind !== "LONG_ANSWER" && (
          <Button size="small" variant="text" onClick={() => setFeedback(true)}>
            {words.feedback}
          </Button>
        )}
        <Box sx={{ flex: 1 }} />
        <IconButton
          size="small"
          aria-label={words.up({ number })}
          disabled={number === 1}
          onClick={() => onMove(-1)}
        >
          ↑
        </IconButton>
        <IconButton
          size="small"
          aria-label={words.down({ number })}
          disabled={last}
          onClick={() => onMove(1)}
        >
          ↓
        </IconButton>
        {onRemove && (
          <IconButton size="small" aria-label={words.remove({ number })} onClick={onRemove}>
            ×
          </IconButton>
        )}
      </Box>
      {feedback && (
        <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1 }}>
          <TextField
            label={words.feedbackRight}
            value={draft.feedbackRight}
            onChange={(event) => set({ feedbackRight: event.target.value })}
          />
          <TextField
            label={words.feedbackWrong}
            value={draft.feedbackWrong}
            onChange={(event) => set({ feedbackWrong: event.target.value })}
          />
        </Box>
      )}
    </Box>
  );
}

function Kind({ kind, onChange }: { kind: QuestionKind; onChange: (kind: QuestionKind) => void }) {
  return (
    <TextField
      select
      label={words.kind}
      value={kind}
      onChange={(event) => onChange(event.target.value as QuestionKind)}
      sx={{ minWidth: 190 }}
    >
      {Object.entries(words.kinds).map(([each, name]) => (
        <MenuItem key={each} value={each}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}

function AnswerLines({
  draft,
  onChange,
}: {
  draft: QuestionDraft;
  onChange: (draft: QuestionDraft) => void;
}) {
  if (draft.kind === "NUMERIC") {
    const field = (label: string, name: "value" | "tolerance" | "unit") => (
      <TextField
        label={label}
        value={draft[name]}
        onChange={(event) => onChange({ ...draft, [name]: event.target.value })}
        sx={{ width: 130 }}
      />
    );
    return (
      <Box sx={{ display: "flex", gap: 1 }}>
        {field(words.answer, "value")}
        {field(words.tolerance, "tolerance")}
        {field(words.unit, "unit")}
      </Box>
    );
  }
  return (
    <TextField
      multiline
      minRows={2}
      label={words.lines[draft.kind]}
      helperText={draft.kind.endsWith("CHOICE") ? words.fewerHelp : undefined}
      value={draft.lines}
      onChange={(event) => onChange({ ...draft, lines: event.target.value })}
    />
  );
}

interface SkillProps {
  chosen: number | undefined;
  skills: ReadonlyMap<number, string>;
  onChoose: (skillId: number | undefined) => void;
}

function SkillShown({ chosen, skills, onChoose }: SkillProps) {
  return (
    <TextField
      select
      label={words.skill}
      value={chosen ?? ""}
      onChange={(event) => onChoose(event.target.value === "" ? undefined : Number(event.target.value))}
      sx={{ width: 200 }}
      slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
    >
      <MenuItem value="">{words.noSkill}</MenuItem>
      {[...skills].map(([id, name]) => (
        <MenuItem key={id} value={id}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}
