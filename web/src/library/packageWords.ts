import type { Schemas } from "../api/client";
import { wordsOf, wordsWith } from "../languages/words";
import { words as library } from "./words";

const said = wordsOf("library-package");

export const packageWords = wordsWith("library-package", {
  item: (item: Schemas["InPackage"]) =>
    item.questions > 0
      ? said.itemSays({ kind: library.kinds[item.kind], questions: item.questions })
      : library.kinds[item.kind],
});
