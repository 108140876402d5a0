import { wordsOf, wordsWith } from "../languages/words";

const said = wordsOf("student");

export const words = wordsWith("student", {
  lastHere: (when: string) =>
    when === "never" ? said.lastHereSays.neverSignedIn : said.lastHereSays.signedIn({ when }),
});

export const skillStatus = wordsOf("student", "skillStatus");
