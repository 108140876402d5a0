import { useEffect, useRef, useState } from "react";
import { disagree, stamped } from "../api/stamp";

const SIGNS = ["pointerdown", "pointermove", "keydown", "scroll", "touchstart"] as const;
const LOOK_MS = 1_000;

/**
 * Whether it is to be asked if somebody is still there: nobody has moved anything for a while. Any sign of life is an
 * answer; without one, {@code onGone} is called once.
 */
export function useRest(restMs: number, answerMs: number, onGone: () => void): boolean {
  const [asking, setAsking] = useState(false);
  const gone = useRef(onGone);
  gone.current = onGone;
  useEffect(() => {
    let last = performance.now();
    let looked = stamped({}).heard;
    let left = false;
    const here = () => {
      last = performance.now();
      setAsking(false);
    };
    const look = setInterval(() => {
      const now = stamped({}).heard;
      // The device slept, or its date was changed: nobody knows for how long, so it is asked and not acted upon.
      if (disagree(looked, now.running, now.date) && now.date - looked.date >= restMs) {
        last = now.running - restMs;
      }
      looked = now;
      const rested = now.running - last;
      setAsking(rested >= restMs);
      if (rested >= restMs + answerMs && !left) {
        left = true;
        gone.current();
      }
    }, LOOK_MS);
    for (const sign of SIGNS) {
      window.addEventListener(sign, here, { capture: true, passive: true });
    }
    return () => {
      clearInterval(look);
      for (const sign of SIGNS) {
        window.removeEventListener(sign, here, { capture: true });
      }
    };
  }, [restMs, answerMs]);
  return asking;
}
