import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useRef, useState } from "react";
import { inPlainWords } from "../asked/answers";
import { ItemPageView } from "../asked/ItemPageView";
import { AtHand } from "./AtHand";
import { Elsewhere } from "./Elsewhere";
import { FieldOfText } from "./FieldOfText";
import { HandedFiles } from "./HandedFiles";
import { HandInDialog } from "./HandInDialog";
import type { RunningProps } from "./RunningTry";
import { SaveMark } from "./SaveMark";
import { TryFrame } from "./TryFrame";
import { useTryClock } from "./useTryClock";
import { useWritten } from "./useWritten";
import { words } from "./words";

/** Work that is written or made: text that keeps itself, and files. */
export function HandInTry({ page, studentId, onOver, onHandIn, handingIn }: RunningProps) {
  const clock = useTryClock(page, onOver);
  const written = useWritten({ studentId, page, now: clock.now });
  const part = useRef<HTMLElement>(null);
  const [asking, setAsking] = useState(false);
  const nothing = written.text.trim() === "" && page.files.length + written.filesWaiting.length === 0;
  return (
    <TryFrame page={page} clock={clock} part={part}>
      <Box component="main" ref={part} sx={{ flex: 1, overflow: "auto" }}>
        <Box sx={{ maxWidth: 760, mx: "auto", p: { xs: 2, md: 3 }, display: "grid", gap: 2 }}>
          <AtHand page={page} />
          {page.instructions && <Box sx={{ whiteSpace: "pre-wrap" }}>{page.instructions}</Box>}
          {page.texts.map((text) => (
            <Box key={text.id} component="article">
              <Box component="h2" sx={{ fontSize: "1.15em" }}>
                {text.title}
              </Box>
              <ItemPageView page={text} />
            </Box>
          ))}
          <FieldOfText text={written.text} onWrite={written.setText} />
          {written.elsewhere && (
            <Elsewhere entry={written.elsewhere} here={inPlainWords(written.elsewhere.text ?? "")} />
          )}
          <SaveMark state={written.state} />
          <HandedFiles page={page} waiting={written.filesWaiting} onAdd={written.addFile} />
          <Button
            size="large"
            variant="contained"
            disabled={handingIn}
            sx={{ justifySelf: "end" }}
            onClick={() => setAsking(true)}
          >
            {words.handIn}
          </Button>
        </Box>
      </Box>
      <HandInDialog
        open={asking}
        unanswered={[]}
        empty={nothing}
        onClose={() => setAsking(false)}
        onHandIn={() => {
          setAsking(false);
          onHandIn();
        }}
      />
    </TryFrame>
  );
}
