import type { Schemas } from "../api/client";
import { wordsOf } from "../languages/words";

type Mark = Schemas["NeedMark"];

const words = wordsOf("student-needs");

/** A need as a discreet mark, as it is called in full, and how much or which, where it has that. */
export function needMark(mark: Mark): { short: string; full: string; much: string } {
  const said = short(mark);
  return {
    short: said,
    full: words.full[mark.support],
    much: mark.amount !== undefined || mark.detail !== "" ? said : "",
  };
}

function short({ support, amount = 0, detail }: Mark): string {
  switch (support) {
    case "LANGUAGE_VERSION":
    case "TOOL":
      return detail;
    case "EXTENDED_TIME":
    case "EXTRA_DAYS":
    case "BREAKS":
    case "FEWER_CHOICES":
    case "FEWER_QUESTIONS":
      return words.short[support]({ amount });
    default:
      return words.short[support];
  }
}

export function supportName(support: Mark["support"]): string {
  return words.full[support];
}
