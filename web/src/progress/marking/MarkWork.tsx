import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import { Suspense, useState } from "react";
import type { Schemas } from "../../api/client";
import { Html } from "../../asked/Html";
import { place } from "../../languages/place";
import { Card } from "../../shell/Card";
import { words as common } from "../words";
import { AnswerRow } from "./AnswerRow";
import { nameOf } from "./MarkQuestion";
import { PointsField } from "./PointsField";
import type { useMarking } from "./useMarking";
import { words } from "./words";

const RichText = place(() => import("../../asked/RichText"));
/** Points that a work as a whole is marked of, until somebody chooses otherwise. */
const USUAL = 10;

interface Props {
  sheet: Schemas["MarkingSheet"];
  work: Schemas["MarkedWork"];
  number: number;
  /** Whether its answers are marked here too. */
  withAnswers: boolean;
  marking: ReturnType<typeof useMarking>;
}

/** One student's work: what was written and made, and all answers. */
export function MarkWork({ sheet, work, number, withAnswers, marking }: Props) {
  const who = nameOf(work, number - 1);
  const sum =
    work.earned === undefined
      ? ""
      : `${common.points(work.earned)} ${words.of({ points: Number(common.points(work.possible ?? 0)) })}`;
  return (
    <Card component="section" aria-label={who} sx={{ p: 2 }}>
      <Box sx={{ display: "flex", gap: 1.5, mb: 0.5 }}>
        <Box component="h2" sx={{ fontSize: 15, flex: 1 }}>
          {who}
        </Box>
        <Box sx={{ color: "var(--z-soft)" }}>
          {[sum, work.returned && words.returned].filter(Boolean).join(" · ")}
        </Box>
      </Box>
      {sheet.way === "HAND_IN" && <Whole who={who} sheet={sheet} work={work} marking={marking} />}
      {withAnswers &&
        work.answers.map((answer) => {
          const place = sheet.questions.findIndex((each) => each.sheet.id === answer.questionId);
          const question = sheet.questions[place];
          return (
            question && (
              <Box key={answer.questionId}>
                <Html html={question.sheet.prompt} sx={{ color: "var(--z-soft)", fontSize: 13, mt: 1 }} />
                <AnswerRow
                  who={words.question({ number: place + 1 })}
                  tryId={work.tryId}
                  answer={answer}
                  question={question}
                  number={place + 1}
                  mayMark={sheet.mayMark}
                  mayAccept={sheet.mayAccept}
                  marking={marking}
                />
              </Box>
            )
          );
        })}
    </Card>
  );
}

function Whole({ who, sheet, work, marking }: Omit<Props, "number" | "withAnswers"> & { who: string }) {
  const used = sheet.works.find((each) => each.wholePossible !== undefined)?.wholePossible;
  const [possible, setPossible] = useState(work.wholePossible ?? used ?? USUAL);
  const set = (earned: number | undefined, of: number) =>
    marking.whole.mutate({
      tryId: work.tryId,
      earned,
      possible: earned === undefined ? undefined : of,
    });
  return (
    <Box sx={{ display: "flex", gap: 2, alignItems: "flex-start", flexWrap: "wrap" }}>
      <Box sx={{ flex: 1, minWidth: 260 }}>
        {work.written && (
          <Suspense>
            <RichText html={work.written} label={words.whole} />
          </Suspense>
        )}
        {work.files.map((file) => (
          <Box key={file.id}>
            <a href={`/api/tries/${work.tryId}/files/${file.id}`}>{file.name}</a>
          </Box>
        ))}
      </Box>
      <PointsField
        label={words.pointsFor(who)}
        value={work.wholeEarned}
        most={possible}
        about=""
        disabled={!sheet.mayMark}
        onKeep={(earned) => set(earned, possible)}
      />
      <TextField
        size="small"
        type="number"
        label={words.ofField}
        value={possible}
        onChange={(event) => setPossible(Number(event.target.value))}
        onBlur={() => work.wholeEarned !== undefined && possible >= 0.5 && set(work.wholeEarned, possible)}
        disabled={!sheet.mayMark}
        slotProps={{ htmlInput: { min: 0.5, max: 1000, step: 0.5 } }}
        sx={{ width: 110 }}
      />
    </Box>
  );
}
