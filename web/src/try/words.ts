import { wordsOf, wordsWith } from "../languages/words";

const said = wordsOf("try");

export const words = wordsWith("try", {
  open: (numbers: number[]) => said.openSays({ numbers: numbers.map(String) }),
  flagged: (numbers: number[]) => said.flaggedSays({ numbers: numbers.map(String) }),
  timeLeft: (seconds: number) =>
    seconds >= 60
      ? said.timeLeftSays.minutes({ seconds: Math.ceil(seconds / 60) })
      : said.timeLeftSays.seconds({ seconds }),
  of: (minutes: number, added: number) =>
    added > 0 ? said.ofSays.ofYour({ minutes, added }) : said.ofSays.ofYour2({ minutes }),
  break: (seconds: number) => said.breakSays({ seconds: minutesOf(seconds) }),
  breakGoesOn: (seconds: number) => said.breakGoesOnSays({ seconds: minutesOf(seconds) }),
  remark: (by: string | undefined) => (by ? said.remarkSays.says({ by }) : said.remarkSays.yourTeacherSays),
  mayUse: (things: string[]) => said.mayUseSays({ things: things.join(", ") }),
});

/** "4 min", "40 s". */
function minutesOf(seconds: number): string {
  return seconds >= 60
    ? said.minutesOfSays.min({ seconds: Math.ceil(seconds / 60) })
    : said.minutesOfSays.s({ seconds });
}
