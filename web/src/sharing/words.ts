import { wordsOf, wordsWith } from "../languages/words";
import type { Role } from "../shell/role";

const said = wordsOf("sharing");

export const words = wordsWith("sharing", {
  given: (name: string, role: Role) => said.givenSays({ name, role: words.roles[role] }),
  until: (email: string, role: Role, when: string) =>
    said.untilSays({ email, role: words.roles[role], when }),
});
