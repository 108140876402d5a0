import Box from "@mui/material/Box";
import { useRef, useState } from "react";
import type { StampedTry } from "../api/myQueries";
import { ReadingText } from "../asked/ReadingText";
import { useEase } from "../ease/EaseProvider";
import { Part } from "../shell/Part";
import { AskedQuestion } from "./AskedQuestion";
import { AtHand } from "./AtHand";
import { HandInDialog } from "./HandInDialog";
import { SaveMark } from "./SaveMark";
import { Steps } from "./Steps";
import { TryFoot } from "./TryFoot";
import { TryFrame } from "./TryFrame";
import { useAnswers } from "./useAnswers";
import { useFlags } from "./useFlags";
import { useTryClock } from "./useTryClock";
import { words } from "./words";

export interface RunningProps {
  page: StampedTry;
  studentId: number;
  onOver: () => void;
  onHandIn: () => void;
  handingIn: boolean;
}

/** A try that is going on: the text beside one question at a time, or all of them, a calm clock above. */
export function RunningTry({ page, studentId, onOver, onHandIn, handingIn }: RunningProps) {
  const clock = useTryClock(page, onOver);
  const answers = useAnswers({ studentId, page, now: clock.now });
  const flags = useFlags({ studentId, page, now: clock.now });
  const { lineFocus } = useEase();
  const part = useRef<HTMLElement>(null);
  const [place, setPlace] = useState(0);
  const [all, setAll] = useState(false);
  const [asking, setAsking] = useState(false);
  const question = page.questions[place];
  const goTo = (next: number) => {
    setPlace(next);
    if (all) {
      document.getElementById(`question-${next + 1}`)?.scrollIntoView({ block: "start" });
    }
  };
  const shown = all ? page.questions : question ? [question] : [];
  const numbers = (which: (id: number) => boolean) =>
    page.questions.flatMap((each, i) => (which(each.id) ? [i + 1] : []));
  return (
    <TryFrame page={page} clock={clock} part={part}>
      <Box
        component="main"
        ref={part}
        sx={{
          flex: 1,
          minHeight: 0,
          display: "grid",
          gridTemplateColumns: { xs: "minmax(0, 1fr)", md: page.texts.length > 0 ? "47% 53%" : "1fr" },
          alignContent: { xs: "start", md: "stretch" },
          overflow: { md: "hidden" },
        }}
      >
        {page.texts.length > 0 && (
          <Part name={words.text}>
            <ReadingText texts={page.texts} others={page.inOtherLanguages} held={lineFocus} />
          </Part>
        )}
        <Box
          sx={{
            p: { xs: 2, md: 3 },
            display: "flex",
            flexDirection: "column",
            overflow: "auto",
            maxWidth: 760,
            width: "100%",
            mx: "auto",
            minWidth: 0,
          }}
        >
          <Box data-silent sx={{ display: "flex", alignItems: "center", gap: 1, mb: 2.5 }}>
            <Steps
              steps={page.questions.map((each) => ({
                questionId: each.id,
                answered: Boolean(answers.given(each.id)),
                flagged: flags.has(each.id),
              }))}
              place={place}
              onPlace={goTo}
            />
            <SaveMark state={answers.state} />
          </Box>
          <AtHand page={page} />
          {page.instructions && <Box sx={{ whiteSpace: "pre-wrap", mb: 2 }}>{page.instructions}</Box>}
          {shown.map((each) => (
            <AskedQuestion
              key={each.id}
              page={page}
              question={each}
              number={page.questions.indexOf(each) + 1}
              answers={answers}
            />
          ))}
          <Box sx={{ flex: 1, minHeight: 24 }} />
          <TryFoot
            place={place}
            count={page.questions.length}
            all={all}
            flagged={question !== undefined && flags.has(question.id)}
            handingIn={handingIn}
            onAll={() => setAll(!all)}
            onFlag={() => question && flags.toggle(question.id)}
            onPlace={goTo}
            onHandIn={() => setAsking(true)}
          />
        </Box>
      </Box>
      <HandInDialog
        open={asking}
        empty={page.questions.length === 0 ? false : undefined}
        unanswered={numbers((id) => !answers.given(id))}
        flagged={numbers(flags.has)}
        onGoTo={(number) => {
          setAsking(false);
          goTo(number - 1);
        }}
        onClose={() => setAsking(false)}
        onHandIn={() => {
          setAsking(false);
          onHandIn();
        }}
      />
      <span className="visually-hidden" role="status">
        {handingIn ? words.sending : ""}
      </span>
    </TryFrame>
  );
}
