import type { Schemas } from "../api/client";
import { plural } from "../shell/plural";

type Book = Schemas["Book"];

const kinds: Record<Book["kind"], string> = {
  TEXT: "to read",
  PRACTICE: "to practise",
  QUIZ: "questions",
  LESSON: "at the table",
  PRINTABLE: "a sheet",
  LINK: "a page outside",
  TALK: "to talk about",
  OFF_SCREEN: "to do",
};

export const shelfWords = {
  title: "To read",
  book: (book: Book) =>
    [
      book.first ? "first" : "",
      kinds[book.kind],
      book.minutes === undefined ? "" : `about ${plural(book.minutes, "minute")}`,
      book.opened ? "opened" : "",
    ]
      .filter((part) => part !== "")
      .join(" · "),
  back: "Back to my work",
  check: "Check my answers",
  right: "right",
  notYet: "not yet",
  person: "ask your teacher",
};
