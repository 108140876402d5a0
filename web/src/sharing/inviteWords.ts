import { wordsOf } from "../languages/words";

export const inviteWords = wordsOf("sharing-invite");
