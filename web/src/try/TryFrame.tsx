import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { type ReactNode, type RefObject, useEffect, useRef } from "react";
import type { StampedTry } from "../api/myQueries";
import { EaseButton } from "../ease/EaseButton";
import { outbox, useWaiting } from "../outbox/mine";
import { Mark } from "../shell/Mark";
import { useNotice } from "../shell/Notice";
import { Part } from "../shell/Part";
import { BreakButton, OnBreak } from "./Break";
import { ReadToMe } from "./ReadToMe";
import { TimeLeft } from "./TimeLeft";
import { TimeOver } from "./TimeOver";
import type { TryClock } from "./useTryClock";
import { words } from "./words";

interface Props {
  page: StampedTry;
  clock: TryClock;
  /** What is read aloud, where that is granted. */
  part: RefObject<HTMLElement | null>;
  children: ReactNode;
}

/** What stands around every try: title, ways to read, break, clock; and what covers it on a break or when time is over. */
export function TryFrame({ page, clock, part, children }: Props) {
  useMinutesAdded(clock.clock.addedMinutes);
  return (
    <Box
      className="reading"
      sx={{ height: "100%", overflow: "clip", display: "flex", flexDirection: "column" }}
    >
      <Box
        component="header"
        sx={{
          // On a phone large letters are for the work, not for what stands above it.
          fontSize: { xs: "min(1em, 19px)", md: "1em" },
          display: "flex",
          flexWrap: "wrap",
          alignItems: "center",
          columnGap: 1.5,
          rowGap: 1,
          px: { xs: 2, md: 3 },
          py: 1,
          minHeight: 64,
          borderBottom: "1px solid var(--z-line)",
          bgcolor: "var(--z-paper)",
        }}
      >
        <Mark />
        <Box component="h1" sx={{ fontSize: "1.06em", flex: "1 1 9em", lineHeight: 1.25 }}>
          {page.title}
        </Box>
        <EaseButton />
        {page.atHand.readAloud && (
          <Part name={words.readAloud}>
            <ReadToMe part={part} language={page.texts[0]?.language ?? "en"} />
          </Part>
        )}
        <BreakButton tryId={page.id} clock={clock} />
        <TimeLeft clock={clock} />
      </Box>
      <Refused tryId={page.id} />
      {covered(page, clock) ?? children}
    </Box>
  );
}

function covered(page: StampedTry, clock: TryClock) {
  if (clock.over) {
    return <TimeOver tryId={page.id} />;
  }
  return clock.face.breakGoesOn === undefined ? undefined : (
    <OnBreak tryId={page.id} seconds={clock.face.breakGoesOn} />
  );
}

/** Says at once that the teacher has added minutes. */
function useMinutesAdded(added: number) {
  const tell = useNotice();
  const before = useRef(added);
  useEffect(() => {
    if (added > before.current) {
      tell(words.added({ minutes: added - before.current }));
    }
    before.current = added;
  }, [added, tell]);
}

/** What the server will never take is not thrown away without a word. */
function Refused({ tryId }: { tryId: number }) {
  const refused = useWaiting().entries.filter((entry) => entry.tryId === tryId && entry.refused);
  if (refused.length === 0) {
    return null;
  }
  const shown = () => {
    for (const entry of refused) {
      void outbox.drop(entry);
    }
  };
  return (
    <Box role="alert" sx={{ p: 2, bgcolor: "var(--z-clayWash)", color: "var(--z-clayText)" }}>
      {words.refused} {refused.map((entry) => entry.text ?? entry.fileName).join("; ")}{" "}
      <Button sx={{ minHeight: 44 }} onClick={shown}>
        {words.shown}
      </Button>
    </Box>
  );
}
