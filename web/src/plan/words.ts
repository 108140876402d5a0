import type { Schemas } from "../api/client";
import { listed, wordsOf, wordsWith } from "../languages/words";
import { dayAndTime, dayOnly, spell } from "../shell/dates";
import { needMark } from "../student/needMark";

const said = wordsOf("plan");

type Version = Schemas["VersionShown"];

type Recipient = Schemas["Recipient"];

export const words = wordsWith("plan", {
  card: (card: Schemas["TaskCard"]) =>
    [
      said.cardSays.ofStudents({ covered: card.covered, students: card.students }),
      card.versions > 0 && said.cardSays.versions({ versions: card.versions }),
      card.opens && said.cardSays.opens({ opens: dayAndTime(card.opens) }),
      card.due && said.cardSays.due({ due: dayAndTime(card.due) }),
      card.conflicts > 0 && said.cardSays.studentsWithTwo({ conflicts: card.conflicts }),
    ]
      .filter(Boolean)
      .join(" · "),
  undo: {
    said: (step: Schemas["TaskLastStep"]) =>
      said.undo.saidSays({ at: spell(step.at, "weekdayTime"), by: step.by }),
  },
  gets: (count: number) => `${count}`,
  dueMoved: (due: string) => said.dueMovedSays({ due: dayAndTime(due) }),
  aboutTask: (task: Schemas["TaskView"]) =>
    [
      words.workKinds[task.workKind],
      task.way !== "ON_SCREEN" && words.ways[task.way],
      task.doneFirst && said.aboutTaskSays,
      words.states[task.state],
    ]
      .filter(Boolean)
      .join(" · "),
  supports: (marks: Schemas["NeedMark"][], questionsLeft: number | undefined) =>
    [
      questionsLeft !== undefined && said.supportsSays({ questionsLeft }),
      ...marks
        .filter((mark) => !timed.has(mark.support))
        .map((mark) => needMark(mark).much || needMark(mark).full),
    ]
      .filter(Boolean)
      .join(", "),
});

export function versionName(version: Version): string {
  return version.base ? words.base : version.staffName;
}

const timed = new Set<Schemas["NeedMark"]["support"]>([
  "EXTENDED_TIME",
  "UNTIMED",
  "EXTRA_DAYS",
  "FEWER_QUESTIONS",
]);

/** Whether a student has anything beyond what their version says. */
export function isEased({ terms }: Recipient): boolean {
  return (
    terms !== undefined &&
    (terms.reason === "EXTENDED" ||
      terms.reason === "UNTIMED" ||
      terms.reason === "FOR_THIS_STUDENT" ||
      terms.extraDays > 0 ||
      terms.eased.length > 0 ||
      terms.onTop.length > 0)
  );
}

/** "Why": the minutes of a student and where they come from. */
export function timeReason(terms: Schemas["TermsShown"]): string {
  switch (terms.reason) {
    case "EXTENDED":
      return `= ${terms.set} × ${terms.factor}`;
    case "FOR_THIS_STUDENT":
      return said.timeReasonSays.setForThis;
    default:
      return terms.eased.includes("MINUTES") ? said.timeReasonSays.eased : "";
  }
}

/** Who gets a version, when and with how long, in one plain sentence. */
export function handOutSentence(version: Version, students: Recipient[]): string {
  const parts = [
    version.opens
      ? said.handOutSentenceSays.opens({ opens: dayAndTime(version.opens) })
      : said.handOutSentenceSays.canBeSeen,
    version.due && said.handOutSentenceSays.due({ due: dayAndTime(version.due) }),
    version.closes && said.handOutSentenceSays.closes({ closes: dayAndTime(version.closes) }),
    version.minutes === undefined
      ? said.handOutSentenceSays.noTimeLimit
      : words.minutes({ minutes: version.minutes }),
  ].filter(Boolean);
  return said.handOutSentenceSays.studentsGetAs({
    title: version.title,
    version: versionName(version),
    parts: parts.join(", "),
    studentsCount: students.length,
  });
}

/** What a student gets beyond the version, in one plain sentence. */
export function onTopSentence(student: Recipient): string {
  const terms = student.terms;
  const time =
    terms?.reason === "UNTIMED"
      ? said.onTopSentenceSays.worksWithoutTime
      : terms?.reason === "EXTENDED"
        ? said.onTopSentenceSays.hasMinInstead({ minutes: terms.minutes, set: terms.set })
        : terms?.reason === "FOR_THIS_STUDENT" || terms?.eased.includes("MINUTES")
          ? terms.minutes === undefined
            ? said.onTopSentenceSays.worksWithoutTime
            : said.onTopSentenceSays.hasMin({ minutes: terms.minutes })
          : "";
  const moved = terms && (terms.extraDays > 0 || terms.eased.includes("DUE"));
  const days = moved && terms.due ? said.onTopSentenceSays.handsInBy({ due: dayAndTime(terms.due) }) : "";
  const more = terms ? words.supports(terms.onTop, terms.questionsLeft) : "";
  const has = [time, days, more && said.onTopSentenceSays.has({ more })].filter((each) => each !== "");
  return `${student.givenName} ${listed(has)}.`;
}

export function problemSentence(problem: Schemas["TaskProblem"], versions: Version[]): string {
  const version = versions.find((each) => each.id === problem.versionId);
  const name = version ? said.problemSentenceSays.line({ version: versionName(version) }) : "";
  switch (problem.kind) {
    case "CONFLICTS":
      return said.problemSentenceSays.studentsWouldGet({ studentsCount: problem.students.length });
    case "NOT_COVERED":
      return said.problemSentenceSays.studentsWouldGet2({ studentsCount: problem.students.length });
    case "NOBODY":
      return said.problemSentenceSays.nobodyGetsThis;
    case "NOTHING_TO_DO":
      return said.problemSentenceSays.hasNothingDo({ name });
    case "NO_TITLE":
      return said.problemSentenceSays.hasNoTitle({ name });
    case "DATES_OUT_OF_ORDER":
      return said.problemSentenceSays.datesAre({ name });
    case "OPENS_ON_CLOSED_DAY":
      return said.problemSentenceSays.opensOnDay({ name });
    case "DUE_ON_CLOSED_DAY":
      return said.problemSentenceSays.dueOn({ name });
    case "OPENS_IN_PAST":
      return said.problemSentenceSays.opensInPast({ name });
    case "BROKEN_LINK":
      return said.problemSentenceSays.doNotOpen({ names: problem.names });
    case "GIVES_AWAY":
      return said.problemSentenceSays.studentsCanRead({
        names: problem.names.map((each) => said.problemSentenceSays.line2({ each })),
      });
    case "DAY_TOO_FULL":
      return said.problemSentenceSays.onSomebodyWould({
        day: dayOnly(problem.day),
        minutes: problem.minutes,
      });
    case "SERIES_DRAFTS":
      return said.problemSentenceSays.sameSeries({ names: problem.names });
  }
}
