import type { Schemas } from "../api/client";
import { wordsOf, wordsWith } from "../languages/words";
import { words as library } from "./words";

const said = wordsOf("library-shelf");

export const shelfWords = wordsWith("library-shelf", {
  entry: (entry: Schemas["OnShelf"]) =>
    [
      library.kinds[entry.kind],
      entry.minutes === undefined ? "" : library.minutes({ minutes: entry.minutes }),
      said.entrySays({ openedBy: entry.openedBy, members: entry.members }),
    ]
      .filter((part) => part !== "")
      .join(" · "),
});
