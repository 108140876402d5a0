import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Schemas } from "../api/client";
import { Card } from "../shell/Card";
import { words } from "./words";

type Question = Schemas["ImportQuestion"];

interface Props {
  questions: Question[];
  remembered: boolean;
  onAnswer: (key: string, choice: string) => void;
  onAfresh: () => void;
}

/** What is not sure about the file, first; nothing is imported while one of these is open. */
export function QuestionsCard({ questions, remembered, onAnswer, onAfresh }: Props) {
  const open = questions.filter((each) => each.answer === undefined).length;
  return (
    <Card
      component="section"
      aria-label={words.questions}
      sx={{ p: 2, borderColor: open > 0 ? "var(--z-saffron)" : undefined }}
    >
      <Box sx={{ display: "flex", gap: 2, alignItems: "baseline" }}>
        <Box component="h2" sx={{ fontSize: 15, m: 0, flex: 1 }}>
          {open > 0 ? words.openQuestions({ open }) : words.answered(questions.length)}
        </Box>
        {remembered && (
          <Button variant="text" size="small" onClick={onAfresh}>
            {words.afresh}
          </Button>
        )}
      </Box>
      {questions.map((each) => (
        <OneQuestion key={each.key} question={each} onAnswer={(choice) => onAnswer(each.key, choice)} />
      ))}
    </Card>
  );
}

function OneQuestion({ question, onAnswer }: { question: Question; onAnswer: (choice: string) => void }) {
  return (
    <Box
      role="group"
      aria-label={question.asks}
      sx={{ borderTop: "1px solid var(--z-line)", mt: 1, pt: 1, display: "grid", gap: 0.5 }}
    >
      <Box sx={{ fontWeight: 700 }}>{question.asks}</Box>
      <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{question.why}</Box>
      <Box sx={{ display: "flex", gap: 0.75, flexWrap: "wrap", alignItems: "center" }}>
        {question.choices.map((choice) => (
          <Button
            key={choice.key}
            size="small"
            aria-pressed={question.answer === choice.key}
            sx={question.answer === choice.key ? { outline: "2px solid var(--z-ink)" } : undefined}
            onClick={() => onAnswer(choice.key)}
          >
            {choice.words}
          </Button>
        ))}
        {question.ofTheShape && (
          <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
            {words.forThisKind}
          </Box>
        )}
      </Box>
    </Box>
  );
}
