import Box from "@mui/material/Box";
import type { Schemas } from "../../api/client";
import { Html } from "../../asked/Html";
import { Card } from "../../shell/Card";
import { AnswerRow } from "./AnswerRow";
import type { useMarking } from "./useMarking";
import { words } from "./words";

interface Props {
  sheet: Schemas["MarkingSheet"];
  question: Schemas["MarkedQuestion"];
  number: number;
  marking: ReturnType<typeof useMarking>;
}

/** One question across all students who were asked it. */
export function MarkQuestion({ sheet, question, number, marking }: Props) {
  const asked = sheet.works.flatMap((work, i) => {
    const answer = work.answers.find((each) => each.questionId === question.sheet.id);
    return answer ? [{ work, answer, who: nameOf(work, i) }] : [];
  });
  // What marked itself as right needs nobody; it is at hand all the same.
  const isRight = ({ answer }: (typeof asked)[number]) =>
    answer.earned === question.points && !answer.byHand && answer.comment === "";
  const right = asked.filter(isRight);
  const rest = asked.filter((each) => !isRight(each));
  const row = ({ work, answer, who }: (typeof asked)[number]) => (
    <AnswerRow
      key={work.tryId}
      who={who}
      tryId={work.tryId}
      answer={answer}
      question={question}
      number={number}
      mayMark={sheet.mayMark}
      mayAccept={sheet.mayAccept}
      marking={marking}
    />
  );
  return (
    <Card component="section" aria-label={words.question({ number })} sx={{ p: 2 }}>
      <Box sx={{ display: "flex", gap: 1.5, mb: 1 }}>
        <Box component="h2" sx={{ fontSize: 14, whiteSpace: "nowrap" }}>
          {words.question({ number })}
        </Box>
        <Html html={question.sheet.prompt} sx={{ flex: 1 }} />
        <Box sx={{ color: "var(--z-soft)", whiteSpace: "nowrap" }}>
          {words.of({ points: question.points })}
        </Box>
      </Box>
      {question.guidance && (
        <Box sx={{ p: 1, mb: 1, borderRadius: "8px", bgcolor: "var(--z-sunk)", fontSize: 13 }}>
          <b>{words.guidance}: </b>
          <Html html={question.guidance} component="span" />
        </Box>
      )}
      {rest.map(row)}
      {right.length > 0 && (
        <Box component="details" sx={{ borderTop: "1px solid var(--z-line)", pt: 0.75 }}>
          <Box component="summary" sx={{ cursor: "pointer", color: "var(--z-soft)" }}>
            {words.answeredRight({ count: right.length })}
          </Box>
          {right.map(row)}
        </Box>
      )}
    </Card>
  );
}

/** By the name, or by a number where names are hidden. */
export function nameOf(work: Schemas["MarkedWork"], place: number): string {
  return work.studentId === undefined
    ? words.anonymous({ number: place + 1 })
    : `${work.givenName} ${work.familyName}`.trim();
}
