import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { inWords } from "../asked/answers";
import { Html } from "../asked/Html";
import { Card } from "../shell/Card";
import { words } from "./words";

/** What was handed in, and what it earned. */
export function TryResult({ page }: { page: Schemas["TryPage"] }) {
  return (
    <Box component="main" sx={{ maxWidth: 640, mx: "auto", p: 3, fontSize: 17 }}>
      <Card sx={{ p: 3, bgcolor: "var(--z-mossWash)", mb: 2 }}>
        <Box component="h1" sx={{ fontSize: 21 }}>
          {page.title}
        </Box>
        <Box>{page.endedByTime ? words.overByTime : words.over}</Box>
        {page.earned !== undefined && page.possible !== undefined && page.possible > 0 && (
          <Box sx={{ fontSize: 32, fontWeight: 700 }}>{words.result(page.earned, page.possible)}</Box>
        )}
      </Card>
      {page.written && (
        <Card sx={{ p: 2, mb: 2, whiteSpace: "pre-wrap" }} aria-label={words.yourAnswer}>
          {page.written}
        </Card>
      )}
      {page.files.map((file) => (
        <Box key={file.id}>
          <a href={`/api/my/tries/${page.id}/files/${file.id}`}>{file.name}</a>
        </Box>
      ))}
      <Box component="ol" sx={{ pl: 3, display: "grid", gap: 1.25 }}>
        {page.questions.map((question) => (
          <li key={question.id}>
            <Box sx={{ display: "flex", gap: 2, justifyContent: "space-between" }}>
              <Html html={question.sheet.prompt} component="span" />
              <b style={{ whiteSpace: "nowrap" }}>
                {question.earned === undefined
                  ? words.waitsForTeacher
                  : words.points(question.earned, question.sheet.points)}
              </b>
            </Box>
            <Box sx={{ color: "var(--z-soft)", fontSize: 15, whiteSpace: "pre-line" }}>
              {answerShown(question)}
            </Box>
            {question.feedback && <Html html={question.feedback} sx={{ fontSize: 15 }} />}
          </li>
        ))}
      </Box>
      <Button component={Link} to="/my" variant="contained" size="large" sx={{ mt: 3 }}>
        {words.toMyWork}
      </Button>
    </Box>
  );
}

function answerShown(question: Schemas["QuestionPage"]): string {
  if (!question.given) {
    return words.noAnswer;
  }
  return `${words.yourAnswer}: ${inWords(question.sheet, question.given)}`;
}
