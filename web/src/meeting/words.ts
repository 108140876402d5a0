import { wordsOf, wordsWith } from "../languages/words";

const said = wordsOf("meeting");

export const words = wordsWith("meeting", {
  calls: (minutes: number) =>
    minutes < 1 ? said.callsSays.callsYou : said.callsSays.callsYouFor({ minutes }),
  atTable: (name: string | undefined) =>
    name ? said.atTableSays.meetingOf({ name }) : said.atTableSays.yourGroupsMeeting,
});
