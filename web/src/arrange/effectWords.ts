import type { Schemas } from "../api/client";

type Effect = Schemas["Effect"];

/** What a step does to one open task, in a sentence. */
export function effectSentence(effect: Effect): string {
  const { givenName, taskName, fromVersion, toVersion } = effect;
  switch (effect.kind) {
    case "KEEPS_STARTED":
      return `${givenName} keeps “${taskName}” (${fromVersion}): it is started.`;
    case "CHANGES":
      return `${givenName} gets “${taskName}” as ${toVersion} instead of ${fromVersion}: not started.`;
    case "WITHDRAWN":
      return `${givenName} no longer gets “${taskName}” (${fromVersion}): not started.`;
    case "GAINS":
      return `${givenName} gets “${taskName}” (${toVersion}).`;
    case "LEADS_TO_CONFLICT":
      return `${givenName} would get two versions of “${taskName}”; somebody has to choose.`;
  }
}
