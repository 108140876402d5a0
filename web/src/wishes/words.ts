import { wordsOf, wordsWith } from "../languages/words";

const said = wordsOf("wishes");

export const words = wordsWith("wishes", {
  chosen: (counts: readonly number[]) => counts.map((count, i) => `${count} ${words.choices[i]}`).join(", "),
  rank: (place: number) => said.rankSays({ place: words.choices[place] }),
});
