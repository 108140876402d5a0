import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { libraryQuery } from "../api/queries";
import { QuestionSetEditor } from "./QuestionSetEditor";
import { words } from "./words";

interface Props {
  chosen: number[];
  onChoose: (questions: number[]) => void;
}

type Set = Schemas["QuestionSet"];

/** Chooses questions of the library; new ones can be written, and sets changed, at once. */
export function QuestionsPicker({ chosen, onChoose }: Props) {
  const sets = useQuery(libraryQuery).data?.questionSets ?? [];
  const [writing, setWriting] = useState<Set | "new" | null>(null);
  if (writing) {
    return (
      <QuestionSetEditor
        set={writing === "new" ? undefined : writing}
        onKept={(kept) => {
          setWriting(null);
          const added = kept.filter((id) => !chosen.includes(id));
          onChoose(writing === "new" ? [...chosen, ...added] : chosen);
        }}
        onCancel={() => setWriting(null)}
      />
    );
  }
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      {sets.length === 0 && words.library.none}
      {sets.map((set) => (
        <QuestionSet
          key={set.id}
          set={set}
          chosen={chosen}
          onChoose={onChoose}
          onChange={() => setWriting(set)}
        />
      ))}
      <Button sx={{ justifySelf: "start" }} onClick={() => setWriting("new")}>
        {words.library.newSet}
      </Button>
    </Box>
  );
}

interface SetProps extends Props {
  set: Set;
  onChange: () => void;
}

function QuestionSet({ set, chosen, onChoose, onChange }: SetProps) {
  const ids = set.questions.flatMap((question) => question.id ?? []);
  const all = ids.every((id) => chosen.includes(id));
  const others = chosen.filter((id) => !ids.includes(id));
  const choose = (wanted: number[]) => onChoose([...others, ...ids.filter((id) => wanted.includes(id))]);
  return (
    <Box
      component="fieldset"
      sx={{ border: "1px solid var(--z-line)", borderRadius: "8px", px: 1.5, py: 0.5 }}
    >
      <Box component="legend" sx={{ fontWeight: 700 }}>
        {set.title}
      </Box>
      <FormControlLabel
        control={<Checkbox size="small" checked={all} onChange={() => choose(all ? [] : ids)} />}
        label={words.library.all}
      />
      <Button size="small" variant="text" onClick={onChange}>
        {words.library.editSet}
      </Button>
      {set.questions.map((question) => (
        <Box key={question.id}>
          <FormControlLabel
            control={
              <Checkbox
                size="small"
                checked={chosen.includes(question.id ?? 0)}
                onChange={(event) =>
                  choose(
                    event.target.checked
                      ? [...chosen, question.id ?? 0]
                      : chosen.filter((id) => id !== question.id),
                  )
                }
              />
            }
            label={question.prompt}
          />
        </Box>
      ))}
    </Box>
  );
}
