import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import { useEffect, useRef, useState } from "react";
import { useEase } from "../ease/EaseProvider";
import { announcement } from "./timeLeft";
import type { TryClock } from "./useTryClock";
import { words } from "./words";

/** A calm clock: whole minutes and a ring, put away and brought back by a click. It speaks a few times, hidden or not. */
export function TimeLeft({ clock: { clock, face } }: { clock: TryClock }) {
  const hiddenAtFirst = useEase().clockHidden;
  const [hidden, setHidden] = useState(hiddenAtFirst);
  const inAll = (clock.minutes ?? 0) + clock.addedMinutes;
  const spoken = useSpoken(clock.minutes === undefined ? undefined : inAll, face.left);
  if (face.left === undefined) {
    return null;
  }
  return (
    <>
      <ButtonBase
        onClick={() => setHidden(!hidden)}
        aria-label={hidden ? words.showClock : words.hideClock}
        sx={{ display: "flex", alignItems: "center", gap: 1.25, borderRadius: 2, p: 0.5, font: "inherit" }}
      >
        {hidden ? (
          <Box sx={{ color: "var(--z-soft)", fontSize: "0.85em" }}>{words.clock}</Box>
        ) : (
          <>
            <Ring share={inAll === 0 ? 1 : face.left / (inAll * 60)} />
            <Box role="timer" aria-label={words.timer} sx={{ lineHeight: 1.15, textAlign: "left" }}>
              <b>{words.timeLeft(face.left)}</b>
              {clock.minutes !== undefined && (
                <Box sx={{ fontSize: "0.72em", color: "var(--z-soft)" }}>
                  {words.of(clock.minutes, clock.addedMinutes)}
                </Box>
              )}
            </Box>
          </>
        )}
      </ButtonBase>
      <span className="visually-hidden" aria-live="polite">
        {spoken}
      </span>
    </>
  );
}

function useSpoken(minutes: number | undefined, left: number | undefined): string {
  const [spoken, setSpoken] = useState("");
  const before = useRef<number>(undefined);
  useEffect(() => {
    const moment =
      minutes === undefined || left === undefined ? undefined : announcement(minutes, before.current, left);
    before.current = left;
    if (moment !== undefined) {
      setSpoken(words.speak({ minutes: moment }));
    }
  }, [minutes, left]);
  return spoken;
}

function Ring({ share }: { share: number }) {
  const round = 2 * Math.PI * 12;
  return (
    <svg width="32" height="32" viewBox="0 0 32 32" aria-hidden="true">
      <circle cx="16" cy="16" r="12" fill="none" stroke="var(--z-line)" strokeWidth="5" />
      <circle
        cx="16"
        cy="16"
        r="12"
        fill="none"
        stroke="var(--z-moss)"
        strokeWidth="5"
        strokeDasharray={`${round * Math.min(1, Math.max(0, share))} ${round}`}
        transform="rotate(-90 16 16)"
      />
    </svg>
  );
}
