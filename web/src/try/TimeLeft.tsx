import Box from "@mui/material/Box";
import { useEffect, useRef, useState } from "react";
import type { Schemas } from "../api/client";
import { announcement, secondsLeft } from "./timeLeft";
import { words } from "./words";

interface Props {
  page: Schemas["TryPage"];
  onOver: () => void;
}

const HALF_A_SECOND = 500;

/** A calm clock: whole minutes and a ring. The server ends the try; this only counts down. */
export function TimeLeft({ page, onOver }: Props) {
  const left = useSecondsLeft(page, onOver);
  const spoken = useSpoken(page.minutes, left);
  if (left === undefined) {
    return null;
  }
  const inAll = (Date.parse(page.endsAt ?? "") - Date.parse(page.startedAt)) / 1000;
  return (
    <Box role="timer" aria-label={words.timer} sx={{ display: "flex", alignItems: "center", gap: 1.25 }}>
      <Ring share={left / inAll} />
      <Box sx={{ lineHeight: 1.15 }}>
        <b>{words.timeLeft(Math.ceil(left / 60))}</b>
        {page.minutes !== undefined && (
          <Box sx={{ fontSize: 13, color: "var(--z-soft)" }}>{words.of(page.minutes)}</Box>
        )}
      </Box>
      <span className="visually-hidden" aria-live="polite">
        {spoken}
      </span>
    </Box>
  );
}

function useSecondsLeft(page: Schemas["TryPage"], onOver: () => void): number | undefined {
  const [left, setLeft] = useState(() => secondsLeft(page.endsAt, page.now, 0));
  useEffect(() => {
    // A device's date may be changed; the time since the page came may not.
    const cameAt = performance.now();
    const tick = () => setLeft(secondsLeft(page.endsAt, page.now, performance.now() - cameAt));
    tick();
    const timer = setInterval(tick, HALF_A_SECOND);
    return () => clearInterval(timer);
  }, [page.endsAt, page.now]);
  const over = left === 0;
  useEffect(() => {
    if (over) {
      onOver();
      const again = setInterval(onOver, 2000);
      return () => clearInterval(again);
    }
  }, [over, onOver]);
  return left;
}

function useSpoken(minutes: number | undefined, left: number | undefined): string {
  const spoken = useRef("");
  const moment = minutes === undefined || left === undefined ? undefined : announcement(minutes, left);
  if (moment !== undefined) {
    spoken.current = words.speak(moment);
  }
  return spoken.current;
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
