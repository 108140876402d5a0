import type { Schemas } from "../../api/client";
import { plural } from "../../shell/plural";

type Late = Schemas["LateShown"];

export const tryWords = {
  title: (shown: Schemas["TryForTeacher"]) => `${shown.givenName} ${shown.familyName} · ${shown.taskName}`,
  number: (number: number) => `try ${number}`,
  running: "working on it now",
  onBreak: "on a break",
  left: (seconds: number) => `${Math.ceil(seconds / 60)} min left`,
  noLimit: "no time limit",
  added: (minutes: number) => `${plural(minutes, "minute")} added`,
  handedIn: (when: string) => `handed in ${when}`,
  result: (earned: number, possible: number) => `${earned} of ${possible}`,
  addFive: "Add 5 minutes",
  minutesAdded: (name: string) => `${name} has 5 minutes more, and sees it now.`,
  late: "Came late",
  lateAbout: "Kept as it was given. Nothing of it counts until you say so.",
  lateLine: (late: Late) =>
    [
      late.question === undefined ? "the text" : `question ${late.question}`,
      late.inTime
        ? `by the device given ${late.givenAt.slice(11, 16)}, in time`
        : `given ${late.givenAt.slice(11, 16)}`,
      `came ${late.receivedAt.slice(11, 16)}`,
    ].join(" · "),
  reasons: {
    AFTER_END: "the time was over",
    HANDED_IN: "it was handed in already",
    TAKEN_BACK: "the task was taken back",
  } satisfies Record<Late["reason"], string>,
  accept: "Let it count",
  decline: "Does not count",
  decideAnew: "Decide anew",
  takeMinutes: "Take 5 minutes back",
  decided: (late: Late) =>
    late.decision === "ACCEPTED" ? `counts, ${late.decidedBy}` : `does not count, ${late.decidedBy}`,
  accepted: "It counts now.",
  declined: "It does not count.",
  answers: "Answers",
  noAnswer: "no answer",
  notMarked: "to look at",
  written: "Written",
  files: "Files",
  fileLate: "came after the end",
  remark: "What you say to the student",
  remarkAbout: "The student sees it when you give it back.",
  keep: "Keep for now",
  giveBack: "Give back",
  takeBack: "Not given back any more",
  kept: "Kept. The student does not see it yet.",
  givenBack: (name: string) => `${name} sees it now.`,
  close: "Close",
};
