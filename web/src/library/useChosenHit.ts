import { useEffect, useState } from "react";
import type { Schemas } from "../api/client";

interface Choice {
  id: number;
  /** The narrowing under which it was chosen. */
  key: string;
  byHand: boolean;
}

/**
 * The hit that is looked at: the best one, until another is chosen by hand. It stays while the same list is read again,
 * though its order may have changed meanwhile; under a new narrowing the best one is looked at anew.
 */
export function useChosenHit(found: Schemas["Found"] | undefined, key: string, old: boolean) {
  const [choice, setChoice] = useState<Choice | null>(null);
  const isThere = found?.hits.some((each) => each.id === choice?.id) ?? false;
  const stays = choice !== null && isThere && (choice.byHand || choice.key === key);
  const id = stays ? choice.id : found?.hits[0]?.id;
  useEffect(() => {
    if (!old && id !== undefined) {
      setChoice((now) =>
        now?.id === id && now.key === key ? now : { id, key, byHand: now?.id === id && now.byHand },
      );
    }
  }, [id, key, old]);
  return {
    hit: found?.hits.find((each) => each.id === id),
    choose: (chosen: number) => setChoice({ id: chosen, key, byHand: true }),
  };
}
