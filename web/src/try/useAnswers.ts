import { useCallback, useEffect, useRef, useState } from "react";
import { ApiProblem, api, type Schemas } from "../api/client";

export type Keeping = "kept" | "keeping" | "waiting";

const RETRY_MS = 2000;

export interface Answers {
  given: ReadonlyMap<number, string>;
  give: (questionId: number, given: string) => void;
  keeping: Keeping;
  /** Resolves when everything given so far is kept by the server. */
  settled: () => Promise<void>;
}

/**
 * A student's answers: shown at once, sent at once, one request at a time; of one question only the newest matters.
 * What could not be sent is sent again until it is kept or the try is over.
 */
export function useAnswers(page: Schemas["TryPage"], onOver: () => void): Answers {
  const [given, setGiven] = useState<ReadonlyMap<number, string>>(
    () =>
      new Map(page.questions.flatMap((each) => (each.given === undefined ? [] : [[each.id, each.given]]))),
  );
  const [keeping, setKeeping] = useState<Keeping>("kept");
  const unsent = useRef(new Map<number, string>());
  const sending = useRef<Promise<void> | null>(null);
  const alive = useRef(true);
  const over = useRef(onOver);
  over.current = onOver;

  const sendAll = useCallback(async () => {
    while (unsent.current.size > 0 && alive.current) {
      const [questionId, answer] = unsent.current.entries().next().value as [number, string];
      const outcome = await send(page.id, questionId, answer);
      if (outcome === "over") {
        unsent.current.clear();
        over.current();
      } else if (outcome === "unreached") {
        setKeeping("waiting");
        await new Promise((done) => setTimeout(done, RETRY_MS));
      } else if (unsent.current.get(questionId) === answer) {
        unsent.current.delete(questionId);
      }
    }
    setKeeping("kept");
  }, [page.id]);

  useEffect(() => {
    alive.current = true;
    return () => {
      alive.current = false;
    };
  }, []);

  const give = useCallback(
    (questionId: number, answer: string) => {
      setGiven((now) => new Map(now).set(questionId, answer));
      unsent.current.delete(questionId);
      unsent.current.set(questionId, answer);
      setKeeping("keeping");
      sending.current ??= sendAll().finally(() => {
        sending.current = null;
      });
    },
    [sendAll],
  );
  const settled = useCallback(async () => {
    while (sending.current) {
      await sending.current;
    }
  }, []);
  return { given, give, keeping, settled };
}

async function send(
  tryId: number,
  questionId: number,
  given: string,
): Promise<"kept" | "over" | "unreached"> {
  try {
    await api.PUT("/api/my/tries/{tryId}/answers/{questionId}", {
      params: { path: { tryId, questionId } },
      body: { given },
    });
    return "kept";
  } catch (error) {
    const refused = error instanceof ApiProblem && error.status >= 400 && error.status < 500;
    return refused ? "over" : "unreached";
  }
}
