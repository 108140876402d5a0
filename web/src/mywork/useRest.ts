import { useEffect, useRef, useState } from "react";

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
    let last = Date.now();
    let left = false;
    const here = () => {
      last = Date.now();
      setAsking(false);
    };
    const look = setInterval(() => {
      const rested = Date.now() - last;
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
