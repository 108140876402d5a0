import type { Schemas } from "../api/client";
import { wordsOf, wordsWith } from "../languages/words";

const said = wordsOf("bringin");

export const words = wordsWith("bringin", {
  answered: (all: number) => (all === 0 ? said.answeredSays.readAsLast : said.answeredSays.allQuestionsAre),
  tiles: (preview: Schemas["Preview"], open: number) => [
    { count: preview.good, words: said.tilesSays.rowsImport({ good: preview.good }), asks: false },
    {
      count: preview.newStudents,
      words: said.tilesSays.newStudents({ newStudents: preview.newStudents }),
      asks: false,
    },
    {
      count: preview.changedStudents,
      words: said.tilesSays.studentsChanged({ changedStudents: preview.changedStudents }),
      asks: false,
    },
    { count: preview.scores, words: said.tilesSays.scores({ scores: preview.scores }), asks: false },
    { count: preview.unchanged, words: said.tilesSays.hereAlready, asks: false },
    { count: preview.withProblem + preview.leftOut, words: said.tilesSays.leftOut, asks: false },
    { count: open, words: said.tilesSays.questions({ open }), asks: true },
  ],
  summary: (good: number, bad: number, waiting: number) =>
    [
      bad === 0 && waiting === 0
        ? said.summarySays.rowsAllThem({ good })
        : bad === 0
          ? said.summarySays.rowsGood({ good })
          : said.summarySays.rowsGoodRows({ good, bad }),
      waiting > 0 && said.summarySays.rowsWaitFor({ waiting }),
    ]
      .filter(Boolean)
      .join(" "),
  more: (made: number, unchanged: number) =>
    [
      made > 0 && said.moreSays.newStudents({ made }),
      unchanged > 0 && said.moreSays.rowsHereAlready({ unchanged }),
    ]
      .filter(Boolean)
      .join(", "),
  taken: (result: Schemas["Taken"]) =>
    said.takenSays.newStudentsAnd({ newStudents: result.newStudents, scores: result.scores }) +
    (result.needs > 0 ? said.takenSays.needsGranted({ needs: result.needs }) : "") +
    (result.leftOut > 0 ? said.takenSays.rowsLeftOut({ leftOut: result.leftOut }) : "."),
});
