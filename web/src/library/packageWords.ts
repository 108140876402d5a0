import type { Schemas } from "../api/client";
import { plural } from "../shell/plural";
import { words as library } from "./words";

export const packageWords = {
  title: "Bring in a package",
  about:
    "QTI 2.1 to 3.0, or a Common Cartridge, as a zip. Nothing is taken before you have seen what is in it.",
  choose: "Choose the file…",
  another: "Another file…",
  holds: "What can be taken",
  item: (item: Schemas["InPackage"]) =>
    item.questions > 0
      ? `${library.kinds[item.kind]}, ${plural(item.questions, "question")}`
      : library.kinds[item.kind],
  changed: "Not quite as in the file",
  leftOut: "What cannot be taken",
  nothing: "Nothing in it can be taken.",
  skill: "Skill that all of it trains",
  skillHelp: "Beside the skills it names itself. It is then suggested to groups that are ready for it.",
  cancel: "Back",
  take: (count: number) => `Take ${plural(count, "item")}`,
  taken: (count: number) => `${plural(count, "item")} ${count === 1 ? "is" : "are"} in the library.`,
  back: (count: number) => `${plural(count, "item")} ${count === 1 ? "was" : "were"} put away again.`,
};
