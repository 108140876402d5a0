import { wordsOf } from "../languages/words";

export const words = wordsOf("ease");
