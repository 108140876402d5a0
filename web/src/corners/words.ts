import { fixed } from "../languages/numbers";
import { wordsOf, wordsWith } from "../languages/words";

const said = wordsOf("corners");

export const words = wordsWith("corners", {
  called: (name: string | undefined) =>
    name === undefined ? said.calledSays.studentsSeeAs : said.calledSays.studentsCall({ name }),
  correctLabel: (text: string) => said.correctLabelSays({ text: text.slice(0, 40) }),
  removeLabel: (text: string) => said.removeLabelSays({ text: text.slice(0, 40) }),
  size: (bytes: number) =>
    bytes < 1024 * 1024
      ? said.sizeSays.kb({ value: Math.max(1, Math.round(bytes / 1024)) })
      : said.sizeSays.mb({ bytes: fixed(bytes / 1024 / 1024, 1) }),
});
