import { useState } from "react";
import { outbox, useWaiting } from "../outbox/mine";
import { type Giving, useKeeping } from "./useAnswers";

const TYPING_MS = 500;

/** Text and files that are handed in: on this device at once, and sent until the server has them. */
export function useWritten({ studentId, page, now }: Giving) {
  const waiting = useWaiting().entries.filter((entry) => entry.tryId === page.id);
  const [own, setOwn] = useState<string>();
  const unsent = waiting.find((entry) => entry.kind === "written")?.text;
  const base = () => ({ key: crypto.randomUUID(), studentId, tryId: page.id, givenAt: now() });
  const setText = (text: string) => {
    setOwn(text);
    void outbox.give({ ...base(), kind: "written", text }, TYPING_MS);
  };
  const addFile = (file: File) => void outbox.give({ ...base(), kind: "file", file, fileName: file.name });
  return {
    text: own ?? unsent ?? page.written,
    setText,
    addFile,
    filesWaiting: waiting.filter((entry) => entry.kind === "file"),
    keeping: useKeeping(page.id),
  };
}
