import type { Schemas } from "../api/client";
import { dueInWords } from "../shell/dates";
import { plural } from "../shell/plural";

type Card = Schemas["Card"];

export const words = {
  excused: "you do not have to do this",
  corrected: "A question was corrected, and your result with it.",
  anotherTry: "another try",
  reminds: (by: string) => `${by} reminds you of this.`,
  greeting: (name: string, local: string) => {
    const hour = Number(local.slice(11, 13));
    const part = hour < 12 ? "Good morning" : hour < 17 ? "Good afternoon" : "Good evening";
    return `${part}, ${name}`;
  },
  sections: {
    GOING_ON: "Go on",
    NOW: "Now",
    NEXT: "Next",
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
  before: {
    title: (title: string) => title,
    minutes: (minutes: number) => `You have ${plural(minutes, "minute")}. The clock starts when you do.`,
    end: "When the time is over, what you have done is handed in by itself.",
    breaks: (minutes: number) =>
      `You may take breaks, ${plural(minutes, "minute")} in all. The clock stands still then.`,
    connection: "If the connection is lost, go on working. Nothing is lost.",
    notYet: "Not now",
    start: "Start now",
  },
  doneThisWeek: (count: number) => `${count} this week`,
  earlier: (number: number, earned: number | undefined, possible: number | undefined) =>
    earned === undefined || possible === undefined
      ? `Try ${number}`
      : `Try ${number}: ${earned} of ${possible}`,
  waits: {
    FOR_DUE_TIME: "handed in · result after the due day",
    FOR_TEACHER: "handed in · your teacher will look at it",
  },
  cameLate: (count: number) =>
    count === 1
      ? "one answer came late; your teacher decides"
      : `${count} answers came late; your teacher decides`,
  says: (by: string | undefined) => (by ? `${by}: ` : ""),
  asOf: (time: string) => `No connection. This is how it was at ${time.replace(/\.$/, "")}.`,
  unsent: (count: number) =>
    count === 1
      ? "One answer waits on this device for the connection."
      : `${count} answers wait on this device for the connection.`,
  signOut: "Sign out",
  signOutWaits:
    "Some of your answers are not with your teacher yet. Stay signed in until the connection is back. They are safe on this device.",
  signOutAnyway: "Sign out anyway",
  stay: "Stay",
  stillThere: "Are you still there? Others use this device, so you will be signed out in a minute.",
  imHere: "I am here",
  groups: {
    button: "Join a group",
    help: "A teacher has told you a group code and a password.",
    waits: "Your teacher has been asked. You are in the group as soon as they let you in.",
    isIn: (group: string | undefined) => (group ? `You are in ${group} now.` : "You are in the group now."),
  },
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
  const due = card.due === undefined ? "" : `${verb} ${dueInWords(card.due, now, card.dueName)}`;
  const again = card.again ? words.anotherTry : "";
  switch (card.when) {
    case "GOING_ON":
      return card.questions > 0 ? `${card.answered} of ${card.questions} answered` : words.begun;
    case "LATER":
      return card.opens ? `from ${dueInWords(card.opens, now, card.opensName)}` : "";
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
  return card.earned === undefined || !card.possible ? "handed in" : `${card.earned} of ${card.possible}`;
}
