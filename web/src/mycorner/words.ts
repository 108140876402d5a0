import { wordsOf, wordsWith } from "../languages/words";

const said = wordsOf("mycorner");

export const words = wordsWith("mycorner", {
  corner: (name: string | undefined) => name ?? said.cornerSays,
});
