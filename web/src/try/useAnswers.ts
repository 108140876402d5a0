import type { StampedTry } from "../api/myQueries";
import { type Entry, inSight, isUnsent, placeOf } from "../outbox/entry";
import { outbox, useWaiting } from "../outbox/mine";
import { useOnline } from "../shell/useOnline";
import { type SaveState, saveState } from "./saveState";

/** A moment in which more may be typed, before what is typed is sent. It is on this device at once. */
const TYPING_MS = 500;

export interface Giving {
  studentId: number;
  page: StampedTry;
  /** The server's clock, as this page knows it. */
  now: () => string;
}

export interface Answers {
  given: (questionId: number) => string | undefined;
  /** @param typing whether more of it may follow at once */
  give: (questionId: number, given: string, typing?: boolean) => void;
  /** What was given here while another device changed the same answer; the student decides. */
  elsewhere: (questionId: number) => Entry | undefined;
  state: SaveState;
}

/** A student's answers: shown at once, kept on this device at once, and sent until the server has them. */
export function useAnswers({ studentId, page, now }: Giving): Answers {
  const { entries, saved } = useWaiting();
  const placed = (questionId: number) => placeOf({ tryId: page.id, kind: "answer", questionId });
  const seen = (questionId: number) => {
    const said = page.questions.find((each) => each.id === questionId);
    const onPage = said?.given === undefined ? undefined : { text: said.given, number: said.number };
    return inSight(placed(questionId), entries, saved, onPage);
  };
  const give = (questionId: number, text: string, typing = false) => {
    const { over } = seen(questionId);
    const entry = { kind: "answer", questionId, text, over } as const;
    void outbox.give(
      { ...entry, key: crypto.randomUUID(), studentId, tryId: page.id, givenAt: now() },
      typing ? TYPING_MS : 0,
    );
  };
  return {
    given: (questionId) => seen(questionId).text,
    give,
    elsewhere: (questionId) =>
      entries.find((entry) => entry.instead && placeOf(entry) === placed(questionId)),
    state: useSaveState(page.id),
  };
}

/** Where what was given in an attempt is. */
export function useSaveState(tryId: number): SaveState {
  const waiting = useWaiting();
  const online = useOnline();
  const unsent = waiting.entries.filter((entry) => entry.tryId === tryId && isUnsent(entry));
  return saveState(unsent, waiting, online);
}
