import { wordsOf, wordsWith } from "../languages/words";

const said = wordsOf("units");

export const words = wordsWith("units", {
  lacking: (names: string[]) =>
    names.length > 6
      ? said.lackingSays.notYetBy({ namesCount: names.length })
      : said.lackingSays.notYetBy2({ names }),
});
