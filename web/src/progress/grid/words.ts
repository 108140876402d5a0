import type { Schemas } from "../../api/client";
import { wordsOf, wordsWith } from "../../languages/words";
import { words as common } from "../words";

const said = wordsOf("progress-grid");

type Cell = Schemas["Cell"];

type Column = Schemas["TaskColumn"];

export const words = wordsWith("progress-grid", {
  column: (task: Column) => said.columnSays({ handedIn: task.handedIn, covered: task.covered }),
  columnHelp: (task: Column) =>
    [
      said.columnHelpSays.studentsHandedIn({ handedIn: task.handedIn, covered: task.covered }),
      task.median !== undefined &&
        said.columnHelpSays.medianFrom({
          median: common.points(task.median),
          lowest: common.points(task.lowest ?? 0),
          highest: common.points(task.highest ?? 0),
        }),
    ]
      .filter(Boolean)
      .join("; "),
  spread: (task: Column) =>
    task.median === undefined
      ? ""
      : task.lowest === task.highest
        ? said.spreadSays.all({ median: common.points(task.median) })
        : said.spreadSays.median({
            lowest: common.points(task.lowest ?? 0),
            highest: common.points(task.highest ?? 0),
            median: common.points(task.median),
          }),
  median: (value: number) => said.medianSays({ value: common.points(value) }),
  answered: (cell: Cell) =>
    said.answeredSays({ answered: cell.answered ?? 0, questions: cell.questions ?? 0 }),
  missed: (numbers: number[]) =>
    numbers.length > 6
      ? said.missedSays.missedQuestions({ numbersCount: numbers.length })
      : said.missedSays.missedQuestions2({ numbers: numbers.map(String) }),
  panel: {
    of: (cell: Cell) =>
      cell.possible === undefined
        ? ""
        : said.panel.ofSays({
            possible: common.points(cell.possible),
            more: cell.tries ? ` · ${words.tries({ count: cell.tries })}` : "",
          }),
  },
});
