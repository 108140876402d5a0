import type { Schemas } from "../api/client";
import { wordsOf, wordsWith } from "../languages/words";

const said = wordsOf("mywork-shelf");

type Book = Schemas["Book"];

const kinds = wordsOf("mywork-shelf", "kinds");

export const shelfWords = wordsWith("mywork-shelf", {
  book: (book: Book) =>
    [
      book.first ? said.bookSays.first : "",
      kinds[book.kind],
      book.minutes === undefined ? "" : said.bookSays.aboutMinutes({ minutes: book.minutes }),
      book.opened ? said.bookSays.opened : "",
    ]
      .filter((part) => part !== "")
      .join(" · "),
});
