import { decimal } from "../languages/numbers";
import { wordsOf, wordsWith } from "../languages/words";

const said = wordsOf("progress");

export const words = wordsWith("progress", {
  files: {
    xlsx: (group?: string) => said.files.xlsxSays.marksFor({ group: group ?? said.files.xlsxSays.everyone }),
    csv: (group?: string) => said.files.csvSays.marksAsText({ group: group ?? said.files.csvSays.everyone }),
    oneRoster: (group?: string) =>
      said.files.oneRosterSays.resultsForAnother({ group: group ?? said.files.oneRosterSays.everyone }),
  },
  points: (value: number) => decimal(value, 2),
  percent: (share: number) => `${Math.round(share * 100)} %`,
});
