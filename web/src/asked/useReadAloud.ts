import { type RefObject, useCallback, useEffect, useRef, useState } from "react";
import { blocksOf, marked, unmarked } from "./spokenBlocks";

const VOICES_MS = 2_000;

/** How reading aloud stands on this device. */
export type Voice = "looking" | "there" | "none";

/**
 * Reads what stands in a part of the page aloud with the voices of the device, paragraph by paragraph, and marks the word
 * that is read. Nothing is sent anywhere.
 */
export function useReadAloud(part: RefObject<HTMLElement | null>, language: string) {
  const voice = useVoice();
  const [speaking, setSpeaking] = useState(false);
  const [failed, setFailed] = useState(false);
  const round = useRef(0);
  const stop = useCallback(() => {
    round.current++;
    window.speechSynthesis?.cancel();
    unmarked();
    setSpeaking(false);
  }, []);
  const speak = useCallback(() => {
    stop();
    const mine = round.current;
    const blocks = part.current ? blocksOf(part.current) : [];
    const next = (place: number) => {
      const block = blocks[place];
      if (!block || round.current !== mine) {
        if (round.current === mine) {
          stop();
        }
        return;
      }
      const utterance = new SpeechSynthesisUtterance(block.text);
      utterance.lang = block.language ?? language;
      utterance.onboundary = (event) => {
        if (event.name === "word") {
          marked(block, event.charIndex, event.charLength);
        }
      };
      utterance.onend = () => next(place + 1);
      const fail = () => {
        if (round.current === mine) {
          stop();
          setFailed(true);
        }
      };
      utterance.onerror = fail;
      try {
        window.speechSynthesis.speak(utterance);
      } catch {
        fail();
      }
    };
    setFailed(false);
    if (blocks.length > 0) {
      setSpeaking(true);
      next(0);
    }
  }, [part, language, stop]);
  useEffect(() => stop, [stop]);
  return { voice, speaking, failed, speak, stop };
}

/** Browsers know their voices a moment after the page is there. */
function useVoice(): Voice {
  const synthesis = "speechSynthesis" in window ? window.speechSynthesis : undefined;
  const [voice, setVoice] = useState<Voice>(() => (synthesis ? known(synthesis) : "none"));
  useEffect(() => {
    if (!synthesis) {
      return;
    }
    const look = () => setVoice(known(synthesis));
    const last = () => setVoice(synthesis.getVoices().length > 0 ? "there" : "none");
    synthesis.addEventListener("voiceschanged", look);
    const timer = setTimeout(last, VOICES_MS);
    return () => {
      synthesis.removeEventListener("voiceschanged", look);
      clearTimeout(timer);
    };
  }, [synthesis]);
  return voice;
}

function known(synthesis: SpeechSynthesis): Voice {
  return synthesis.getVoices().length > 0 ? "there" : "looking";
}
