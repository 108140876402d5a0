import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { itemQuery, questionNamesQuery } from "../api/queries";
import { type FoundItem, ItemSearch } from "./ItemSearch";
import { QuestionSetEditor } from "./QuestionSetEditor";
import { words } from "./words";

interface Props {
  chosen: number[];
  onChoose: (questions: number[]) => void;
  onWriting: (writing: boolean) => void;
}

const kinds = ["QUIZ", "PRACTICE", "TEXT"] as const;

/** Chooses questions of the library; new ones can be written, and sets changed, at once. */
export function QuestionsPicker({ chosen, onChoose, onWriting }: Props) {
  const [writing, setWriting] = useState<number | "new" | null>(null);
  useEffect(() => onWriting(writing !== null), [writing, onWriting]);
  const names = useQuery(questionNamesQuery(chosen)).data ?? [];
  if (writing !== null) {
    return (
      <QuestionSetEditor
        setId={writing === "new" ? undefined : writing}
        onKept={(kept) => {
          setWriting(null);
          const added = kept.filter((id) => !chosen.includes(id));
          onChoose(writing === "new" ? [...chosen, ...added] : chosen);
        }}
        onCancel={() => setWriting(null)}
      />
    );
  }
  const inUse = [
    ...new Map(names.map((name) => [name.itemId, { id: name.itemId, title: name.itemTitle }])).values(),
  ];
  return (
    <ItemSearch kinds={kinds} first={inUse}>
      {(items) => (
        <>
          {items.length === 0 && words.library.none}
          {items.map((item) => (
            <QuestionSet
              key={item.id}
              item={item}
              opened={inUse.some((each) => each.id === item.id)}
              chosen={chosen}
              onChoose={onChoose}
              onChange={() => setWriting(item.id)}
            />
          ))}
          <Button sx={{ justifySelf: "start" }} onClick={() => setWriting("new")}>
            {words.library.newSet}
          </Button>
        </>
      )}
    </ItemSearch>
  );
}

interface SetProps extends Omit<Props, "onWriting"> {
  item: FoundItem;
  opened: boolean;
  onChange: () => void;
}

/** The questions of one item; read only when they are looked at. */
function QuestionSet({ item, opened, chosen, onChoose, onChange }: SetProps) {
  const [open, setOpen] = useState(opened);
  const set = useQuery({ ...itemQuery(item.id), enabled: open }).data;
  if (!open || !set) {
    return (
      <Box sx={{ borderTop: "1px solid var(--z-line)", pt: 0.5 }}>
        <Button variant="text" aria-expanded={open} onClick={() => setOpen(true)}>
          {item.title}
        </Button>
      </Box>
    );
  }
  const ids = set.questions.flatMap((question) => question.id ?? []);
  const all = ids.length > 0 && ids.every((id) => chosen.includes(id));
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
      {set.mayEdit && (
        <Button size="small" variant="text" onClick={onChange}>
          {words.library.editSet}
        </Button>
      )}
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
