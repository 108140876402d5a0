import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useRef, useState } from "react";
import { Link } from "react-router";
import type { StampedTry } from "../api/myQueries";
import { ReadingText } from "../asked/ReadingText";
import { useEase } from "../ease/EaseProvider";
import { Part } from "../shell/Part";
import { AskedQuestion } from "./AskedQuestion";
import { AtHand } from "./AtHand";
import { HandInDialog } from "./HandInDialog";
import { SaveMark } from "./SaveMark";
import { Steps } from "./Steps";
import { AllAtOnce, TryFoot } from "./TryFoot";
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
  const work = useRef<HTMLElement>(null);
  const scroller = useRef<HTMLElement>(null);
  const [place, setPlace] = useState(0);
  const [all, setAll] = useState(false);
  const [asking, setAsking] = useState(false);
  const question = page.questions[place];
  const goTo = (next: number) => {
    setPlace(next);
    // On a phone the text stands above: who goes on to a question wants to see it.
    const wanted = all ? document.getElementById(`question-${next + 1}`) : work.current;
    scrollTo(wanted, scroller.current);
    scrollTo(wanted, work.current);
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
          display: { xs: "flex", md: "grid" },
          flexDirection: "column",
          gridTemplateColumns: page.texts.length > 0 ? "47% 53%" : "1fr",
          gridTemplateRows: "minmax(0, 1fr) auto",
        }}
      >
        {/* On a phone text and questions are one page that scrolls over the foot. */}
        <Box
          ref={scroller}
          sx={{ display: { xs: "block", md: "contents" }, flex: 1, minHeight: 0, overflow: "auto" }}
        >
          {page.texts.length > 0 && (
            <Box sx={{ gridRow: "1 / 3", minWidth: 0, minHeight: 0, display: { md: "grid" } }}>
              <Part name={words.text}>
                <ReadingText texts={page.texts} others={page.inOtherLanguages} held={lineFocus} />
              </Part>
            </Box>
          )}
          <Box
            ref={work}
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
            {page.questions.length === 0 && (
              <Box sx={{ mb: 2 }}>
                {page.texts.length > 0 || page.instructions ? words.nothingAsked : words.nothingHere}
                {page.texts.length === 0 && !page.instructions && (
                  <Button
                    component={Link}
                    to="/my"
                    size="large"
                    sx={{ mt: 2, display: "flex", width: "max-content" }}
                  >
                    {words.toMyWork}
                  </Button>
                )}
              </Box>
            )}
            {shown.map((each) => (
              <AskedQuestion
                key={each.id}
                page={page}
                question={each}
                number={page.questions.indexOf(each) + 1}
                answers={answers}
              />
            ))}
            {page.questions.length > 1 && (
              <AllAtOnce all={all} onAll={() => setAll(!all)} where={{ display: { sm: "none" } }} />
            )}
          </Box>
        </Box>
        <Box sx={{ maxWidth: 760, width: "100%", mx: "auto" }}>
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

/** Moves what scrolls, and nothing around it, until something in it stands at its top. */
function scrollTo(wanted: HTMLElement | null, scroller: HTMLElement | null) {
  if (wanted && scroller) {
    scroller.scrollTop += wanted.getBoundingClientRect().top - scroller.getBoundingClientRect().top;
  }
}
