import type { Schemas } from "../api/client";
import { placeOf, type Saved } from "../outbox/entry";

/** What the server has of an attempt, by place. */
export function savedOf(page: Schemas["TryPage"]): ReadonlyMap<string, Saved> {
  const tryId = page.id;
  const saved = new Map<string, Saved>();
  for (const { id, given, number } of page.questions) {
    if (given !== undefined) {
      saved.set(placeOf({ tryId, kind: "answer", questionId: id }), { text: given, number });
    }
  }
  if (page.writtenNumber > 0) {
    const written = { text: page.written, number: page.writtenNumber };
    saved.set(placeOf({ tryId, kind: "written", questionId: undefined }), written);
  }
  if (page.flagsNumber > 0) {
    const flags = { text: page.flagged.join(","), number: page.flagsNumber };
    saved.set(placeOf({ tryId, kind: "flags", questionId: undefined }), flags);
  }
  return saved;
}
