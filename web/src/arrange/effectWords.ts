import type { Schemas } from "../api/client";
import { wordsOf } from "../languages/words";

const said = wordsOf("arrange-effect");

type Effect = Schemas["Effect"];

/** What a step does to one open task, in a sentence. */
export function effectSentence(effect: Effect): string {
  const { givenName, taskName, fromVersion, toVersion } = effect;
  switch (effect.kind) {
    case "KEEPS_STARTED":
      return said.effectSentenceSays.keepsStarted({ givenName, taskName, fromVersion });
    case "CHANGES":
      return said.effectSentenceSays.getsAsInstead({ givenName, taskName, toVersion, fromVersion });
    case "WITHDRAWN":
      return said.effectSentenceSays.noLongerGets({ givenName, taskName, fromVersion });
    case "GAINS":
      return said.effectSentenceSays.gets({ givenName, taskName, toVersion });
    case "LEADS_TO_CONFLICT":
      return said.effectSentenceSays.wouldGetTwo({ givenName, taskName });
  }
}
