import type { Schemas } from "../api/client";
import { wordsOf, wordsWith } from "../languages/words";

const said = wordsOf("history");

export const words = wordsWith("history", {
  of: (kind: Schemas["TrailSubject"]["kind"], name: string) =>
    kind === "STUDENT" ? said.ofSays.whatConcernedIn({ name }) : said.ofSays.whatWasDone({ name }),
});
