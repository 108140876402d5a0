import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Suspense, useState } from "react";
import type { Schemas } from "../../api/client";
import { inWords } from "../../asked/answers";
import { place } from "../../languages/place";
import { ByCriteria } from "./ByCriteria";
import { CommentField } from "./CommentField";
import { PointsField } from "./PointsField";
import type { useMarking } from "./useMarking";
import { words } from "./words";

const RichText = place(() => import("../../asked/RichText"));

interface Props {
  who: string;
  tryId: number;
  answer: Schemas["MarkedAnswer"];
  question: Schemas["MarkedQuestion"];
  number: number;
  mayMark: boolean;
  mayAccept: boolean;
  marking: ReturnType<typeof useMarking>;
}

/** One student's answer to one question, its points and what is said of it; kept as it is typed. */
export function AnswerRow({ who, tryId, answer, question, number, mayMark, mayAccept, marking }: Props) {
  const [commenting, setCommenting] = useState(answer.comment !== "");
  const { sheet, points } = question;
  const given = answer.criteria.length > 0 ? { criteria: answer.criteria } : { points: answer.earned };
  const keep = (change: { points?: number; criteria?: number[]; comment?: string }) =>
    marking.answer.mutate({
      tryId,
      questionId: sheet.id,
      comment: answer.comment,
      ...("comment" in change && answer.byHand ? given : {}),
      ...change,
    });
  const wrong = answer.earned !== undefined && answer.earned < points && !answer.byHand && answer.given;
  return (
    <Box sx={{ display: "flex", gap: 1.5, py: 0.75, borderTop: "1px solid var(--z-line)", flexWrap: "wrap" }}>
      <Box sx={{ width: 150, fontWeight: 700 }}>{who}</Box>
      <Box sx={{ flex: 1, minWidth: 220 }}>
        <Given sheet={sheet} given={answer.given} />
        {question.criteria.length > 0 && (
          <ByCriteria
            who={who}
            criteria={question.criteria}
            given={answer.criteria}
            disabled={!mayMark}
            onGive={(criteria) => keep({ criteria })}
          />
        )}
        {commenting && (
          <CommentField
            label={words.commentFor({ who })}
            value={answer.comment}
            onKeep={(comment) => keep({ comment })}
          />
        )}
        {mayMark && (
          <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}>
            {!commenting && (
              <Button variant="text" size="small" onClick={() => setCommenting(true)}>
                {words.comment}
              </Button>
            )}
            {mayAccept && wrong && sheet.kind !== "LONG_ANSWER" && (
              <Button
                variant="text"
                size="small"
                onClick={() => marking.accept.mutate({ questionId: sheet.id, given: answer.given, points })}
              >
                {words.accept({ points })}
              </Button>
            )}
            {answer.byHand && sheet.kind !== "LONG_ANSWER" && (
              <Button variant="text" size="small" onClick={() => keep({ points: undefined })}>
                {words.asItself}
              </Button>
            )}
          </Box>
        )}
      </Box>
      <PointsField
        label={words.pointsFor(who, number)}
        value={answer.earned}
        most={points}
        about={answer.byHand ? words.byHand : answer.earned === undefined ? "" : words.auto}
        disabled={!mayMark}
        onKeep={(given) => keep({ points: given })}
      />
    </Box>
  );
}

function Given({ sheet, given }: { sheet: Schemas["QuestionSheet"]; given: string }) {
  if (!given) {
    return <Box sx={{ color: "var(--z-soft)" }}>{words.noAnswer}</Box>;
  }
  return sheet.kind === "LONG_ANSWER" ? (
    <Suspense>
      <RichText html={given} label={words.noAnswer} />
    </Suspense>
  ) : (
    <Box sx={{ whiteSpace: "pre-line" }}>{inWords(sheet, given)}</Box>
  );
}
