import Box from "@mui/material/Box";
import { Suspense } from "react";
import type { Schemas } from "../../api/client";
import { inWords } from "../../asked/answers";
import { Html } from "../../asked/Html";
import { place } from "../../languages/place";
import { tryWords as words } from "./tryWords";

const RichText = place(() => import("../../asked/RichText"));

/** What was answered, written and made, as it stands. */
export function TryAnswers({ shown }: { shown: Schemas["TryForTeacher"] }) {
  return (
    <>
      {shown.answers.length > 0 && (
        <Box component="section" aria-label={words.answers}>
          <Box component="h3">{words.answers}</Box>
          <Box component="ol" sx={{ pl: 3, m: 0, display: "grid", gap: 0.75 }}>
            {shown.answers.map((answer) => (
              <Answer key={answer.questionId} answer={answer} running={shown.running} />
            ))}
          </Box>
        </Box>
      )}
      {shown.written && (
        <Box component="section" aria-label={words.written}>
          <Box component="h3">{words.written}</Box>
          <Written html={shown.written} label={words.written} />
        </Box>
      )}
      {shown.files.length > 0 && (
        <Box component="section" aria-label={words.files}>
          <Box component="h3">{words.files}</Box>
          {shown.files.map((file) => (
            <Box key={file.id}>
              <a href={`/api/tries/${shown.id}/files/${file.id}`}>{file.name}</a>
              {file.late && ` · ${words.fileLate}`}
            </Box>
          ))}
        </Box>
      )}
    </>
  );
}

function Answer({ answer, running }: { answer: Schemas["AnswerShown"]; running: boolean }) {
  const long = answer.sheet.kind === "LONG_ANSWER" && answer.given;
  const mark =
    answer.earned === undefined
      ? running || !answer.given
        ? ""
        : words.notMarked
      : `${answer.earned} / ${answer.sheet.points}`;
  return (
    <li>
      <Box sx={{ display: "flex", gap: 2 }}>
        <Html html={answer.sheet.prompt} component="span" sx={{ flex: 1 }} />
        <b style={{ whiteSpace: "nowrap" }}>{mark}</b>
      </Box>
      {long ? (
        <Written html={answer.given ?? ""} label={words.answers} />
      ) : (
        <Box sx={{ color: "var(--z-soft)", whiteSpace: "pre-line" }}>
          {answer.given ? inWords(answer.sheet, answer.given) : words.noAnswer}
        </Box>
      )}
    </li>
  );
}

function Written({ html, label }: { html: string; label: string }) {
  return (
    <Suspense>
      <RichText html={html} label={label} />
    </Suspense>
  );
}
