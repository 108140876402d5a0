import { wordsOf, wordsWith } from "../languages/words";

const said = wordsOf("school-leaver");

export const leaverWords = wordsWith("school-leaver", {
  left: (when: string, classes: readonly string[]) =>
    [said.leftSays({ when }), ...classes].filter((each) => each !== "").join(" · "),
});
