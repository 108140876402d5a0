import type { Schemas } from "../../api/client";
import { wordsOf, wordsWith } from "../../languages/words";

const said = wordsOf("progress-trying-try");

type Late = Schemas["LateShown"];

export const tryWords = wordsWith("progress-trying-try", {
  title: (shown: Schemas["TryForTeacher"]) => `${shown.givenName} ${shown.familyName} · ${shown.taskName}`,
  left: (seconds: number) => said.leftSays({ seconds: Math.ceil(seconds / 60) }),
  lateLine: (late: Late) =>
    [
      late.question === undefined
        ? said.lateLineSays.theText
        : said.lateLineSays.question({ question: late.question }),
      late.inTime
        ? said.lateLineSays.byDeviceGiven({ givenAt: late.givenAt.slice(11, 16) })
        : said.lateLineSays.given({ givenAt: late.givenAt.slice(11, 16) }),
      said.lateLineSays.came({ receivedAt: late.receivedAt.slice(11, 16) }),
    ].join(" · "),
  decided: (late: Late) =>
    late.decision === "ACCEPTED"
      ? said.decidedSays.counts({ decidedBy: late.decidedBy })
      : said.decidedSays.doesNotCount({ decidedBy: late.decidedBy }),
});
