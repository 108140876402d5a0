import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { QuestionField } from "../asked/QuestionField";
import { ReadingText } from "../asked/ReadingText";
import { AtHand } from "./AtHand";
import { HandInDialog } from "./HandInDialog";
import { KeepingMark } from "./KeepingMark";
import { TryHead } from "./TryHead";
import { type Answers, useAnswers } from "./useAnswers";
import { words } from "./words";

interface Props {
  page: Schemas["TryPage"];
  onOver: () => void;
  onHandIn: () => void;
}

/** A try that is going on: the text beside one question at a time, a calm clock above. */
export function RunningTry({ page, onOver, onHandIn }: Props) {
  const answers = useAnswers(page, onOver);
  const [place, setPlace] = useState(0);
  const [asking, setAsking] = useState(false);
  const question = page.questions[place];
  const last = place >= page.questions.length - 1;
  return (
    <Box
      sx={{
        height: "100%",
        display: "flex",
        flexDirection: "column",
        fontSize: page.atHand.largeText ? 22 : 17,
      }}
    >
      <TryHead page={page} onOver={onOver} />
      <Box
        component="main"
        sx={{
          flex: 1,
          minHeight: 0,
          display: "grid",
          gridTemplateColumns: { xs: "1fr", md: page.texts.length > 0 ? "1fr 1fr" : "1fr" },
          overflow: { xs: "auto", md: "hidden" },
        }}
      >
        {page.texts.length > 0 && <ReadingText texts={page.texts} />}
        <Box
          sx={{
            p: 3,
            display: "flex",
            flexDirection: "column",
            overflow: "auto",
            maxWidth: 760,
            width: "100%",
            mx: "auto",
          }}
        >
          <Box sx={{ display: "flex", alignItems: "center", mb: 2 }}>
            <Steps page={page} answers={answers} place={place} onPlace={setPlace} />
            <KeepingMark keeping={answers.keeping} />
          </Box>
          <AtHand page={page} questions={question ? [question.sheet] : []} />
          {page.instructions && <Box sx={{ whiteSpace: "pre-wrap", mb: 2 }}>{page.instructions}</Box>}
          {question && (
            <QuestionField
              key={question.id}
              sheet={question.sheet}
              number={place + 1}
              given={answers.given.get(question.id)}
              onGive={(given) => answers.give(question.id, given)}
            />
          )}
          <Box sx={{ flex: 1, minHeight: 24 }} />
          <Box sx={{ display: "flex", justifyContent: "space-between" }}>
            <Button size="large" disabled={place === 0} onClick={() => setPlace(place - 1)}>
              {words.back}
            </Button>
            {!last && (
              <Button size="large" onClick={() => setAsking(true)}>
                {words.handIn}
              </Button>
            )}
            <Button
              size="large"
              variant="contained"
              onClick={() => (last ? setAsking(true) : setPlace(place + 1))}
            >
              {last ? words.handIn : words.next}
            </Button>
          </Box>
        </Box>
      </Box>
      <HandInDialog
        open={asking}
        empty={page.questions.length === 0 ? false : undefined}
        unanswered={page.questions.flatMap((each, i) => (answers.given.get(each.id) ? [] : [i + 1]))}
        onClose={() => setAsking(false)}
        onHandIn={async () => {
          setAsking(false);
          await answers.settled();
          onHandIn();
        }}
      />
    </Box>
  );
}

interface StepsProps {
  page: Schemas["TryPage"];
  answers: Answers;
  place: number;
  onPlace: (place: number) => void;
}

function Steps({ page, answers, place, onPlace }: StepsProps) {
  return (
    <Box
      component="nav"
      aria-label={words.questions}
      sx={{ display: "flex", flexWrap: "wrap", gap: 0.75, flex: 1 }}
    >
      {page.questions.map((question, i) => {
        const answered = Boolean(answers.given.get(question.id));
        return (
          <Box
            key={question.id}
            component="button"
            type="button"
            aria-label={words.question(i + 1)}
            aria-current={i === place ? "step" : undefined}
            onClick={() => onPlace(i)}
            sx={{
              width: 33,
              height: 33,
              borderRadius: "50%",
              font: "inherit",
              fontSize: 14,
              cursor: "pointer",
              color: "var(--z-ink)",
              fontWeight: i === place ? 700 : 400,
              bgcolor: answered ? "var(--z-mossWash)" : "var(--z-card)",
              border:
                i === place ? "2px solid var(--z-ink)" : `1px solid var(--z-${answered ? "moss" : "line"})`,
            }}
          >
            {i + 1}
          </Box>
        );
      })}
    </Box>
  );
}
