import { inSight, isUnsent, placeOf } from "../outbox/entry";
import { outbox, useWaiting } from "../outbox/mine";
import { type Giving, useSaveState } from "./useAnswers";

const TYPING_MS = 500;

/** Text and files that are handed in: on this device at once, and sent until the server has them. */
export function useWritten({ studentId, page, now }: Giving) {
  const { entries, saved } = useWaiting();
  const place = placeOf({ tryId: page.id, kind: "written", questionId: undefined });
  const { text, over } = inSight(place, entries, saved, { text: page.written, number: page.writtenNumber });
  const base = () => ({ key: crypto.randomUUID(), studentId, tryId: page.id, givenAt: now(), over });
  const setText = (written: string) =>
    void outbox.give({ ...base(), kind: "written", text: written }, TYPING_MS);
  const addFile = (file: File) => void outbox.give({ ...base(), kind: "file", file, fileName: file.name });
  return {
    text: text ?? "",
    setText,
    addFile,
    elsewhere: entries.find((entry) => entry.instead && placeOf(entry) === place),
    filesWaiting: entries.filter(
      (entry) => entry.tryId === page.id && entry.kind === "file" && isUnsent(entry),
    ),
    state: useSaveState(page.id),
  };
}
