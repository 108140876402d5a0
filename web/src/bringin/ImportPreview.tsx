import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { Card } from "../shell/Card";
import { ChangesCard } from "./ChangesCard";
import { ColumnMap } from "./ColumnMap";
import { QuestionsCard } from "./QuestionsCard";
import { words } from "./words";

type Wanted = Schemas["Wanted"];

interface Props {
  preview: Schemas["Preview"];
  measures: Schemas["MeasureCard"][];
  wanted: Wanted;
  onChange: (wanted: Wanted) => void;
}

/** What the file brings: questions first, then every change; beside it how its columns were read and what is left out. */
export function ImportPreview({ preview, measures, wanted, onChange }: Props) {
  const setColumn = (use: Schemas["ColumnUse"]) =>
    onChange({
      ...wanted,
      columns: [...(wanted.columns ?? []).filter((each) => each.column !== use.column), use],
    });
  const answer = (key: string, choice: string) =>
    onChange({ ...wanted, answers: { ...wanted.answers, [key]: choice } });
  return (
    <>
      <Counts preview={preview} />
      <Box
        sx={{
          display: "grid",
          gap: 1.5,
          mt: 1.5,
          gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 330px" },
          alignItems: "start",
        }}
      >
        <Box sx={{ display: "grid", gap: 1.5, minWidth: 0 }}>
          {(preview.questions.length > 0 || preview.remembered) && (
            <QuestionsCard
              questions={preview.questions}
              remembered={preview.remembered}
              onAnswer={answer}
              onAfresh={() => onChange({ ...wanted, afresh: true, columns: undefined, answers: undefined })}
            />
          )}
          <ChangesCard preview={preview} />
        </Box>
        <Box sx={{ display: "grid", gap: 1.5, minWidth: 0 }}>
          <ColumnMap preview={preview} measures={measures} onChange={setColumn} />
          {preview.passedOver.length > 0 && (
            <Card component="section" aria-label={words.leftOut} sx={{ p: 2 }}>
              <Box component="h2" sx={{ fontSize: 15, m: 0, mb: 0.5 }}>
                {words.leftOut}
              </Box>
              <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none", fontSize: 13 }}>
                {preview.passedOver.map((said) => (
                  <li key={said}>{said}</li>
                ))}
              </Box>
            </Card>
          )}
        </Box>
      </Box>
    </>
  );
}

function Counts({ preview }: { preview: Schemas["Preview"] }) {
  const open = preview.questions.filter((each) => each.answer === undefined).length;
  const tiles = words.tiles(preview, open).filter((each) => each.count > 0);
  return (
    <>
      <Box role="status" className="visually-hidden">
        {words.summary(preview.good, preview.withProblem, preview.waiting)}{" "}
        {words.more(preview.newStudents, preview.unchanged)}
      </Box>
      <Box sx={{ display: "flex", gap: 1.5, mt: 1.5, flexWrap: "wrap" }}>
        {tiles.map((each) => (
          <Card
            key={each.words}
            sx={{
              px: 2,
              py: 1.25,
              minWidth: 120,
              ...(each.asks && { bgcolor: "var(--z-saffronWash)", borderColor: "var(--z-saffron)" }),
            }}
          >
            <Box sx={{ fontSize: 22, fontWeight: 700, lineHeight: 1.2 }}>{each.count}</Box>
            <Box sx={{ fontSize: 13 }}>{each.words}</Box>
          </Card>
        ))}
      </Box>
    </>
  );
}
