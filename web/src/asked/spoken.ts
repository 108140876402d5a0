import type { Schemas } from "../api/client";

/** Texts and questions as words, in the order of the page. */
export function spokenPage(texts: Schemas["ItemPage"][], questions: Schemas["QuestionSheet"][]): string {
  const parser = new DOMParser();
  const textOf = (html: string) => parser.parseFromString(html, "text/html").body.textContent ?? "";
  return [
    ...texts.flatMap((text) => [text.title, textOf(text.html)]),
    ...questions.flatMap((sheet) => [
      textOf(sheet.prompt),
      ...sheet.parts.map((part) => part.text),
      sheet.pieces.map((piece) => piece.text || "…").join(""),
    ]),
  ]
    .filter((part) => part.trim() !== "")
    .join(". ");
}
