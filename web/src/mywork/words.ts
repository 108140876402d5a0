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
  calendar: {
    button: "My work in a calendar",
    title: "My work in a calendar",
    about:
      "A calendar program can show when your work opens and is due. Whoever has the address can see that too.",
    make: "Make an address",
    stop: "Stop the address",
    file: "Download as a file",
    close: "Close",
  },
  after: (first: string) => `after you have handed in “${first}”`,
  begun: "begun",
  offScreen: "away from the screen; your teacher ticks it",
  handIn: "to write or make, and hand in",
  read: "to read",
};

function whatItIs(card: Card): string {
  if (card.way === "OFF_SCREEN") {
    return words.offScreen;
  }
  if (card.way === "HAND_IN") {
    return words.handIn;
  }
  return card.questions === 0
    ? words.read
    : `${plural(card.questions, "question")}${card.withText ? " with a text" : ""}`;
}

/** What a piece of work is, how long one has and when it is due. */
export function aboutCard(card: Card, now: string): string {
  if (card.after !== undefined && card.when !== "LATER") {
    return words.after(card.after);
  }
  const what = whatItIs(card);
  const time = card.minutes === undefined ? "" : `you have ${plural(card.minutes, "minute")}`;
  const verb = card.due !== undefined && card.due < now ? "was due" : "due";
  const due = card.due === undefined ? "" : `${verb} ${dueInWords(card.due, now)}`;
  switch (card.when) {
    case "GOING_ON":
      return card.questions > 0 ? `${card.answered} of ${card.questions} answered` : words.begun;
    case "LATER":
      return card.opens ? `from ${dueInWords(card.opens, now)}` : "";
    case "DONE":
      return card.earned === undefined || !card.possible ? "handed in" : `${card.earned} of ${card.possible}`;
    case "NOW":
    case "MISSED":
      return [what, time, due].filter(Boolean).join(" · ");
  }
}
