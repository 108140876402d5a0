import { plural } from "../shell/plural";

export const words = {
  question: (number: number) => `Question ${number}`,
  flaggedQuestion: (number: number) => `Question ${number}, to look at again`,
  questions: "Questions",
  state: {
    saved: "✓ Saved",
    savedBefore: "No connection · saved up to here",
    saving: "Saving…",
    onDevice: "No connection · saved on this device",
    onPage: "Not saved yet · leave this page open",
  },
  elsewhere: "You answered this on another device too. That answer is saved and shown above.",
  here: "Your answer here:",
  useHere: "Use my answer here",
  keepThere: "Keep the saved one",
  back: "Back",
  next: "Next",
  flag: "look again later",
  unflag: "looked again",
  allAtOnce: "All at once",
  oneByOne: "One at a time",
  handIn: "Hand in",
  handInAsk: "Hand in now?",
  allAnswered: "Every question has an answer.",
  open: (numbers: number[]) =>
    `${numbers.length === 1 ? "Question" : "Questions"} ${numbers.join(", ")} ${numbers.length === 1 ? "has" : "have"} no answer yet.`,
  flagged: (numbers: number[]) => `You wanted to look again at ${numbers.join(", ")}.`,
  goTo: (number: number) => `Go to ${number}`,
  notYet: "Go on working",
  handInWaits:
    "There is no connection. What you did is saved on this device. Hand in when the connection is back; at the end of the time it is handed in by itself.",
  sending: "Just a moment, your last answers are on their way.",
  timeLeft: (seconds: number) =>
    seconds >= 60 ? plural(Math.ceil(seconds / 60), "minute") : plural(seconds, "second"),
  of: (minutes: number, added: number) =>
    added > 0 ? `of your ${minutes} + ${added}` : `of your ${minutes}`,
  timer: "Time left",
  clock: "clock",
  showClock: "Show the clock",
  hideClock: "Put the clock away",
  speak: (minutes: number) => `${plural(minutes, "minute")} left`,
  added: (minutes: number) => `Your teacher gave you ${plural(minutes, "minute")} more.`,
  break: (seconds: number) => `Break · ${minutesOf(seconds)} left`,
  breakTitle: "Break",
  breakGoesOn: (seconds: number) =>
    `The clock of your work stands still. ${minutesOf(seconds)} of your break left.`,
  breakEnd: "Go on working",
  timeOver: "The time is over",
  timeOverWaits:
    "There is no connection right now. What you did is saved on this device and goes to your teacher when the connection is back. You can leave this page open.",
  timeOverSends: "Your answers are being handed in.",
  over: "Handed in",
  overElsewhere: "This was handed in on another device or page. What you did here is not lost.",
  nothingAsked: "There are no questions here. When you have read the text, hand in.",
  nothingHere: "There is nothing in this task yet. Tell your teacher, or go back to your work.",
  overByTime: "The time was over. Your answers were handed in by themselves.",
  result: (earned: number, possible: number) => `${earned} of ${possible}`,
  points: (earned: number, points: number) => `${earned} of ${points}`,
  waits: {
    FOR_DUE_TIME: "You will see how it went when the due day is over.",
    FOR_TEACHER: "You will see how it went when your teacher has looked at it.",
  },
  lateWaits: (count: number) =>
    count === 1
      ? "One answer came after the end. Your teacher will see it and decide."
      : `${count} answers came after the end. Your teacher will see them and decide.`,
  lateAccepted: (count: number) =>
    count === 1 ? "One answer that came late counts." : `${count} answers that came late count.`,
  lateDeclined: (count: number) =>
    count === 1
      ? "One answer came too late and does not count."
      : `${count} answers came too late and do not count.`,
  refused: "This could not be saved. Please show it to your teacher:",
  shown: "I have shown it",
  said: "Your teacher:",
  criterion: (name: string, earned: number, points: number) => `${name}: ${earned} of ${points}`,
  remark: (by: string | undefined) => (by ? `${by} says` : "Your teacher says"),
  yourAnswer: "your answer",
  noAnswer: "no answer",
  waitsForTeacher: "your teacher will look",
  mayUse: (things: string[]) => `You may use: ${things.join(", ")}`,
  text: "The text",
  readAloud: "Read to me",
  stopReading: "Stop reading",
  voiceFailed: "The voice stopped. Press again to go on.",
  noVoice: "This device has no voice to read with. Ask your teacher.",
  check: "Check",
  checkWaits:
    "There is no connection. What you did is saved on this device; check it when the connection is back.",
  right: "Right.",
  notYetRight: "Not yet. You can change it.",
  person: "Your teacher will look at this one.",
  write: "Write here",
  files: "Files",
  addFile: "Add a file or picture…",
  fileWaits: (name: string) => `${name} · waits on this device`,
  fileLate: "came after the end",
  removeFile: (name: string) => `Take ${name} away`,
  nothingYet: "There is nothing to hand in yet.",
  handedIn: "Your work goes to your teacher.",
  toMyWork: "Back to my work",
  offline: "This page was not opened on this device before, and there is no connection now.",
};

/** "4 min", "40 s". */
function minutesOf(seconds: number): string {
  return seconds >= 60 ? `${Math.ceil(seconds / 60)} min` : `${seconds} s`;
}
