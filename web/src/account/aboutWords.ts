import { wordsOf } from "../languages/words";
/** Words of what Zafu is made of. */
export const aboutWords = wordsOf("account-about");
