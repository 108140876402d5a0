import type { Schemas } from "../../api/client";
import { wordsOf, wordsWith } from "../../languages/words";
import { words as common } from "../words";

const said = wordsOf("progress-low");

export const words = wordsWith("progress-low", {
  tries: (tries: Schemas["TryResult"][]) =>
    tries
      .map((each) =>
        each.earned === undefined
          ? said.triesSays.tryBeMarked({ number: each.number })
          : said.triesSays.tryOf({
              number: each.number,
              earned: common.points(each.earned),
              possible: common.points(each.possible ?? 0),
            }),
      )
      .join(" · "),
});
