import type { Schemas } from "../../api/client";
import { wordsOf, wordsWith } from "../../languages/words";
import { words as common } from "../words";

const said = wordsOf("progress-marks");

type Part = Schemas["PartStory"];

const why = wordsOf("progress-marks", "why");

export const words = wordsWith("progress-marks", {
  category: (name: string, share: number) =>
    name ? said.categorySays.ofTheWhole({ name, share: common.percent(share) }) : said.categorySays.allWork,
  sum: (earned: number, possible: number) =>
    possible === 0
      ? said.sumSays.nothingCountsYet
      : said.sumSays.of({ earned: common.points(earned), possible: common.points(possible) }),
  part: (part: Part) =>
    part.why === "MARKED" || part.why === "MISSING_IS_ZERO"
      ? said.partSays({ earned: common.points(part.earned), possible: common.points(part.possible) })
      : "–",
  reason: (part: Part) =>
    [
      why[part.why],
      part.number !== undefined && part.number > 1 && said.reasonSays.tryCounts({ number: part.number }),
      part.percentOff > 0 &&
        said.reasonSays.offDaysLate({ percentOff: part.percentOff, daysLate: part.daysLate }),
    ]
      .filter(Boolean)
      .join(" · "),
  overall: (mark: number | undefined) => (mark === undefined ? said.overallSays : common.percent(mark)),
});
