import type { Schemas } from "../api/client";
import { dueInWords } from "../shell/dates";
import { plural } from "../shell/plural";

type Card = Schemas["Card"];

export const words = {
  greeting: (name: string, local: string) => {
    const hour = Number(local.slice(11, 13));
    const part = hour < 12 ? "Good morning" : hour < 17 ? "Good afternoon" : "Good evening";
    return `${part}, ${name}`;
  },
  sections: {
    GOING_ON: "Go on",
    NOW: "Now",
    LATER: "Later",
    DONE: "Done",
    MISSED: "Closed",
  } satisfies Record<Card["when"], string>,
  surveyHelp: "Tap up to three, the one you like best first.",
  surveySend: "Send",
  surveySent: "Sent. You can change it while your teacher is collecting.",
  surveyKept: "✓ sent",
  first: "Do first",
  nothing: "Nothing to do right now. Enjoy it.",
  start: "Start",
  goOn: "Go on",
  again: "Try again",
  look: "Look at it",
  starting: (minutes: number) =>
    `You will have ${plural(minutes, "minute")}. At the end your answers are handed in by themselves.`,
  signOut: "Sign out",
};

/** What a piece of work is, how long one has and when it is due. */
export function aboutCard(card: Card, now: string): string {
  const what = `${plural(card.questions, "question")}${card.withText ? " with a text" : ""}`;
  const time = card.minutes === undefined ? "" : `you have ${plural(card.minutes, "minute")}`;
  const verb = card.due !== undefined && card.due < now ? "was due" : "due";
  const due = card.due === undefined ? "" : `${verb} ${dueInWords(card.due, now)}`;
  switch (card.when) {
    case "GOING_ON":
      return `${card.answered} of ${card.questions} answered`;
    case "LATER":
      return card.opens ? `from ${dueInWords(card.opens, now)}` : "";
    case "DONE":
      return card.earned === undefined ? "handed in" : `${card.earned} of ${card.possible}`;
    case "NOW":
    case "MISSED":
      return [what, time, due].filter(Boolean).join(" · ");
  }
}
