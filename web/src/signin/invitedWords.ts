import type { Schemas } from "../api/client";
import { wordsOf, wordsWith } from "../languages/words";
import { words as sharing } from "../sharing/words";

const said = wordsOf("signin-invited");

export const invitedWords = wordsWith("signin-invited", {
  about: (asked: Schemas["InvitedTo"]) =>
    said.aboutSays({
      by: asked.by,
      className: asked.className,
      school: asked.school,
      role: sharing.roles[asked.role],
    }),
});
