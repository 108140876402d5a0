import { inSight, placeOf } from "../outbox/entry";
import { outbox, useWaiting } from "../outbox/mine";
import type { Giving } from "./useAnswers";

/** Questions to look at again, shown at once and kept like answers. */
export function useFlags({ studentId, page, now }: Giving) {
  const { entries, saved } = useWaiting();
  const place = placeOf({ tryId: page.id, kind: "flags", questionId: undefined });
  const onPage = { text: page.flagged.join(","), number: page.flagsNumber };
  const { text, over } = inSight(place, entries, saved, onPage);
  const flagged = text ? text.split(",").map(Number) : [];
  const toggle = (questionId: number) => {
    const next = flagged.includes(questionId)
      ? flagged.filter((each) => each !== questionId)
      : [...flagged, questionId];
    const entry = { kind: "flags", text: next.join(","), over } as const;
    void outbox.give({
      ...entry,
      key: crypto.randomUUID(),
      studentId,
      tryId: page.id,
      givenAt: now(),
    });
  };
  return { has: (questionId: number) => flagged.includes(questionId), toggle };
}
