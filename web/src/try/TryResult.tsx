import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { inWords } from "../asked/answers";
import { Html } from "../asked/Html";
import { Card } from "../shell/Card";
import { lazyPart } from "../shell/lazyPart";
import { words } from "./words";

const RichText = lazyPart(
  () => words.yourAnswer,
  () => import("../asked/RichText"),
);

/** What was handed in, what it earned once that is to be seen, and what the teacher says. */
export function TryResult({ page, elsewhere }: { page: Schemas["TryPage"]; elsewhere: boolean }) {
  return (
    <Box component="main" className="reading" sx={{ maxWidth: 680, mx: "auto", p: { xs: 2, sm: 3 } }}>
      <Card sx={{ p: 3, bgcolor: "var(--z-mossWash)", mb: 2 }}>
        <Box component="h1" sx={{ fontSize: "1.25em" }}>
          {page.title}
        </Box>
        <Box>{page.endedByTime ? words.overByTime : words.over}</Box>
        {elsewhere && <Box>{words.overElsewhere}</Box>}
        {page.earned !== undefined && page.possible !== undefined && page.possible > 0 && (
          <Box sx={{ fontSize: "1.9em", fontWeight: 700 }}>
            {words.result({ earned: page.earned, possible: page.possible })}
          </Box>
        )}
        {page.resultWaits && <Box sx={{ mt: 1 }}>{words.waits[page.resultWaits]}</Box>}
        <CameLate late={page.cameLate} />
      </Card>
      {page.remark && (
        <Card component="section" sx={{ p: 2, mb: 2 }} aria-label={words.remark(page.remarkBy)}>
          <Box sx={{ fontSize: "0.85em", color: "var(--z-soft)" }}>{words.remark(page.remarkBy)}</Box>
          <Box sx={{ whiteSpace: "pre-wrap" }}>{page.remark}</Box>
        </Card>
      )}
      {page.written && (
        <Card sx={{ p: 2, mb: 2 }} aria-label={words.yourAnswer}>
          <RichText html={page.written} label={words.yourAnswer} />
        </Card>
      )}
      {page.files.map((file) => (
        <Box key={file.id}>
          <a href={`/api/my/tries/${page.id}/files/${file.id}`}>{file.name}</a>
          {file.late && ` · ${words.fileLate}`}
        </Box>
      ))}
      <Box component="ol" sx={{ pl: 3, display: "grid", gap: 1.25 }}>
        {page.questions.map((question) => (
          <Answered key={question.id} question={question} waits={page.resultWaits !== undefined} />
        ))}
      </Box>
      <Button component={Link} to="/my" variant="contained" size="large" sx={{ mt: 3 }}>
        {words.toMyWork}
      </Button>
    </Box>
  );
}

function CameLate({ late }: { late: Schemas["CameLate"] }) {
  return (
    <>
      {late.waiting > 0 && <Box>{words.lateWaits({ count: late.waiting })}</Box>}
      {late.accepted > 0 && <Box>{words.lateAccepted({ count: late.accepted })}</Box>}
      {late.declined > 0 && <Box>{words.lateDeclined({ count: late.declined })}</Box>}
    </>
  );
}

function pointsSaid(question: Schemas["QuestionPage"], waits: boolean): string {
  if (question.takenOut) {
    return words.takenOut[question.takenOut];
  }
  if (question.earned !== undefined) {
    return words.points({ earned: question.earned, points: question.sheet.points });
  }
  return waits ? "" : words.waitsForTeacher;
}

function Answered({ question, waits }: { question: Schemas["QuestionPage"]; waits: boolean }) {
  const long = question.sheet.kind === "LONG_ANSWER" && question.given;
  const points = pointsSaid(question, waits);
  return (
    <li>
      <Box sx={{ display: "flex", gap: 2, justifyContent: "space-between" }}>
        <Html html={question.sheet.prompt} component="span" />
        <b style={{ whiteSpace: "nowrap" }}>{points}</b>
      </Box>
      <Box sx={{ color: "var(--z-soft)", fontSize: "0.88em", whiteSpace: "pre-line" }}>
        {question.given
          ? `${words.yourAnswer}: ${long ? "" : inWords(question.sheet, question.given)}`
          : words.noAnswer}
      </Box>
      {long && <RichText html={question.given ?? ""} label={words.yourAnswer} />}
      {question.feedback && <Html html={question.feedback} sx={{ fontSize: "0.88em" }} />}
      {question.criteria?.map((each) => (
        <Box key={each.name} sx={{ fontSize: "0.88em" }}>
          {words.criterion({ name: each.name, earned: each.earned, points: each.points })}
        </Box>
      ))}
      {question.comment && (
        <Box sx={{ fontSize: "0.88em", whiteSpace: "pre-wrap" }}>
          <b>{words.said}</b> {question.comment}
        </Box>
      )}
    </li>
  );
}
