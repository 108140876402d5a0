import { useEffect, useRef, useState } from "react";
import { ApiProblem, api, type Schemas } from "../api/client";
import type { Keeping } from "./useAnswers";

const REST_MS = 800;
const RETRY_MS = 2000;

/** Text that is handed in: kept a moment after the last key, and again until the server has it. */
export function useWritten(page: Schemas["TryPage"], onOver: () => void) {
  const [text, setText] = useState(page.written);
  const [keeping, setKeeping] = useState<Keeping>("kept");
  const kept = useRef(page.written);
  const over = useRef(onOver);
  over.current = onOver;
  useEffect(() => {
    if (text === kept.current) {
      return;
    }
    let alive = true;
    setKeeping("keeping");
    const send = async () => {
      try {
        await api.PUT("/api/my/tries/{tryId}/written", {
          params: { path: { tryId: page.id } },
          body: { text },
        });
        kept.current = text;
        if (alive) {
          setKeeping("kept");
        }
      } catch (error) {
        if (error instanceof ApiProblem && error.status < 500 && error.status >= 400) {
          over.current();
        } else if (alive) {
          setKeeping("waiting");
          timer = window.setTimeout(send, RETRY_MS);
        }
      }
    };
    let timer = window.setTimeout(send, REST_MS);
    return () => {
      alive = false;
      window.clearTimeout(timer);
    };
  }, [text, page.id]);
  /** Keeps what is written now, before it is handed in. */
  const settled = async () => {
    if (text !== kept.current) {
      await api.PUT("/api/my/tries/{tryId}/written", {
        params: { path: { tryId: page.id } },
        body: { text },
      });
      kept.current = text;
    }
  };
  return { text, setText, keeping, settled };
}
