import type { Entry } from "../outbox/entry";
import type { Waiting } from "../outbox/outbox";

/** Where what a student sees is; nothing is claimed that is not known. */
export type SaveState =
  /** On the server. */
  | "saved"
  /** On the server as far as it was given with a connection, and nothing was given since. */
  | "savedBefore"
  /** On its way. */
  | "saving"
  /** On this device, and not on the server. */
  | "onDevice"
  /** In this page alone. */
  | "onPage";

/** @param unsent what was given in the attempt and the server does not have */
export function saveState(
  unsent: readonly Entry[],
  { arrived, unreached }: Pick<Waiting, "arrived" | "unreached">,
  online: boolean,
): SaveState {
  const cut = unreached || !online;
  if (unsent.length === 0) {
    return cut ? "savedBefore" : "saved";
  }
  if (!cut || !arrived) {
    return "saving";
  }
  return unsent.some((entry) => entry.fleeting) ? "onPage" : "onDevice";
}
