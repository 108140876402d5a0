import { locale } from "../languages/speak";
import { wordsOf, wordsWith } from "../languages/words";

const said = wordsOf("shell");

export const words = wordsWith("shell", {
  ofAll: (done: number, total: number) =>
    said.ofAllSays({ done: done.toLocaleString(locale()), total: total.toLocaleString(locale()) }),
});
