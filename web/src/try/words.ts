import { plural } from "../shell/plural";

export const words = {
  question: (number: number) => `Question ${number}`,
  questions: "Questions",
  kept: "✓ kept",
  keeping: "keeping…",
  waiting: "not kept yet, trying again",
  back: "Back",
  next: "Next",
  handIn: "Hand in",
  handInAsk: "Hand in now?",
  allAnswered: "Every question has an answer.",
  open: (numbers: number[]) =>
    `${numbers.length === 1 ? "Question" : "Questions"} ${numbers.join(", ")} ${numbers.length === 1 ? "has" : "have"} no answer yet.`,
  notYet: "Go on working",
  timeLeft: (minutes: number) => (minutes >= 1 ? plural(minutes, "minute") : "less than a minute"),
  of: (minutes: number) => `of your ${minutes}`,
  timer: "Time left",
  speak: (minutes: number) => `${plural(minutes, "minute")} left`,
  over: "Handed in",
  overByTime: "The time was over. Your answers were handed in by themselves.",
  result: (earned: number, possible: number) => `${earned} of ${possible}`,
  points: (earned: number, points: number) => `${earned} of ${points}`,
  yourAnswer: "your answer",
  noAnswer: "no answer",
  waitsForTeacher: "your teacher will look",
  toMyWork: "Back to my work",
};
