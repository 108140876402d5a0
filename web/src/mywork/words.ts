import type { Schemas } from "../api/client";
import { wordsOf, wordsWith } from "../languages/words";
import { dueInWords } from "../shell/dates";

const said = wordsOf("mywork");

type Card = Schemas["Card"];

export const words = wordsWith("mywork", {
  greeting: (name: string, local: string) => {
    const hour = Number(local.slice(11, 13));
    if (hour < 12) {
      return said.greetingSays.goodMorning({ name });
    }
    return hour < 17 ? said.greetingSays.goodAfternoon({ name }) : said.greetingSays.goodEvening({ name });
  },
  before: {
    title: (title: string) => title,
  },
  earlier: (number: number, earned: number | undefined, possible: number | undefined) =>
    earned === undefined || possible === undefined
      ? said.earlierSays.try({ number })
      : said.earlierSays.tryOf({ number, earned, possible }),
  says: (by: string | undefined) => (by ? `${by}: ` : ""),
  asOf: (time: string) => said.asOfSays({ time: time.replace(/\.$/, "") }),
  groups: {
    isIn: (group: string | undefined) =>
      group ? said.groups.isInSays.youAreIn({ group }) : said.groups.isInSays.youAreIn2,
  },
});

function whatItIs(card: Card): string {
  if (card.way === "OFF_SCREEN") {
    return words.offScreen;
  }
  if (card.way === "HAND_IN") {
    return words.handIn;
  }
  return card.questions === 0
    ? words.read
    : said.whatItIsSays.questions({
        questions: card.questions,
        more: card.withText ? said.whatItIsSays.withText : "",
      });
}

/** What a piece of work is, how long one has and when it is due. */
export function aboutCard(card: Card, now: string): string {
  if (card.after !== undefined && card.when !== "LATER") {
    return words.after({ first: card.after });
  }
  const what = whatItIs(card);
  const time = card.minutes === undefined ? "" : said.aboutCardSays.youHaveMinutes({ minutes: card.minutes });
  const verb = card.due !== undefined && card.due < now ? said.aboutCardSays.wasDue : said.aboutCardSays.due;
  const due = card.due === undefined ? "" : `${verb} ${dueInWords(card.due, now, card.dueName)}`;
  const again = card.again ? words.anotherTry : "";
  switch (card.when) {
    case "GOING_ON":
      return card.questions > 0
        ? said.aboutCardSays.ofAnswered({ answered: card.answered, questions: card.questions })
        : words.begun;
    case "LATER":
      return card.opens
        ? said.aboutCardSays.from({ opens: dueInWords(card.opens, now, card.opensName) })
        : "";
    case "DONE":
      return done(card);
    case "NOW":
    case "NEXT":
    case "MISSED":
      return [again, what, time, due].filter(Boolean).join(" · ");
  }
}

function done(card: Card): string {
  if (card.excused) {
    return words.excused;
  }
  if (card.resultWaits) {
    return words.waits[card.resultWaits];
  }
  return card.earned === undefined || !card.possible
    ? said.doneSays.handedIn
    : said.doneSays.of({ earned: card.earned, possible: card.possible });
}
