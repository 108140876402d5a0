import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { rightAnswer } from "./rightAnswer";
import { words } from "./words";

/** The questions with what is right, for the teacher's eyes. */
export function Answers({ questions }: { questions: Schemas["QuestionShown"][] }) {
  const points = questions.reduce((sum, question) => sum + question.points, 0);
  return (
    <Box component="section" aria-label={words.withAnswers}>
      <Box component="h3" sx={{ mb: 0.5 }}>
        {words.answers({ count: questions.length, points })}{" "}
        <Box component="span" sx={{ fontWeight: 400, color: "var(--z-soft)", fontSize: 12.5 }}>
          {words.withAnswers}
        </Box>
      </Box>
      <Box component="ol" sx={{ listStyle: "none", p: 0, m: 0 }}>
        {questions.map((question, i) => (
          <Box
            key={question.id}
            component="li"
            sx={{ display: "flex", gap: 1.5, borderTop: "1px solid var(--z-line)", py: 0.6 }}
          >
            <Box sx={{ color: "var(--z-soft)", width: 18, flex: "none" }}>{i + 1}</Box>
            <Box sx={{ flex: 1 }}>{wordsOf(question.prompt)}</Box>
            <Box sx={{ color: "var(--z-mossText)", textAlign: "right", maxWidth: "45%" }}>
              {rightAnswer(question)}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

/** The words alone of a prompt that may hold Markdown. */
function wordsOf(markdown: string): string {
  return markdown.replace(/!\[[^\]]*\]\([^)]*\)/g, "").replace(/[*_`]/g, "");
}
