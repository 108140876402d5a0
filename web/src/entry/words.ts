import { wordsOf, wordsWith } from "../languages/words";

const said = wordsOf("entry");

export const words = wordsWith("entry", {
  pictureEntryKept: (allowed: boolean) =>
    allowed ? said.pictureEntryKeptSays.studentsMayCome : said.pictureEntryKeptSays.studentsSignIn,
  wants: (group: string, adult: boolean, from: string | undefined) =>
    adult
      ? said.wantsSays.wouldLikeHelp({ group })
      : from
        ? said.wantsSays.ofInto({ from, group })
        : said.wantsSays.into({ group }),
});
