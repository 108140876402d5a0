import { useMemo, useState } from "react";
import type { StampedTry } from "../api/myQueries";
import { answersOver, newerThan, type Own } from "../outbox/entry";
import { outbox, useWaiting } from "../outbox/mine";

export type Keeping = "kept" | "keeping" | "waiting";

/** A moment in which more may be typed, before what is typed is sent. It is on this device at once. */
const TYPING_MS = 500;

export interface Giving {
  studentId: number;
  page: StampedTry;
  /** The server's clock, as this page knows it. */
  now: () => string;
}

export interface Answers {
  given: ReadonlyMap<number, string>;
  /** @param typing whether more of it may follow at once */
  give: (questionId: number, given: string, typing?: boolean) => void;
  keeping: Keeping;
}

/** A student's answers: shown at once, kept on this device at once, and sent until the server has them. */
export function useAnswers({ studentId, page, now }: Giving): Answers {
  const waiting = useWaiting();
  const [own, setOwn] = useState<ReadonlyMap<number, Own>>(new Map());
  const entries = waiting.entries.filter((entry) => entry.tryId === page.id);
  const given = useMemo(() => {
    const known = page.questions.flatMap((each): [number, string][] =>
      each.given === undefined ? [] : [[each.id, each.given]],
    );
    // A page that was kept from before knows nothing of this one's clock.
    const asked = page.heard.page === performance.timeOrigin ? page.heard.asked : Number.NEGATIVE_INFINITY;
    const newer = newerThan(asked, page.id, own, waiting.sent);
    return new Map([...answersOver(new Map(known), entries), ...newer]);
  }, [page.id, page.questions, page.heard, entries, own, waiting.sent]);
  const give = (questionId: number, text: string, typing = false) => {
    setOwn((before) => new Map(before).set(questionId, { text, running: performance.now() }));
    const entry = { kind: "answer", questionId, text } as const;
    void outbox.give(
      { ...entry, key: crypto.randomUUID(), studentId, tryId: page.id, givenAt: now() },
      typing ? TYPING_MS : 0,
    );
  };
  return { given, give, keeping: useKeeping(page.id) };
}

/** Whether what was given in a try is kept by the server. */
export function useKeeping(tryId: number): Keeping {
  const { entries, unreached } = useWaiting();
  const open = entries.some((entry) => entry.tryId === tryId);
  return open ? (unreached ? "waiting" : "keeping") : "kept";
}
