import type { Schemas } from "../api/client";

export type Sheet = Schemas["QuestionSheet"];

/** Parts that are chosen or put in order, by name, as the server writes them: commas between. */
export function placesOf(given: string | undefined): number[] {
  return given ? given.split(",").map(Number) : [];
}

export function toggled(given: string | undefined, place: number): string {
  const places = placesOf(given);
  const next = places.includes(place) ? places.filter((each) => each !== place) : [...places, place];
  return next.sort((a, b) => a - b).join(",");
}

/** The parts of an ordering as they stand now: in the shown order until the student has moved one. */
export function orderOf(sheet: Sheet, given: string | undefined): number[] {
  const places = placesOf(given);
  return places.length === sheet.parts.length ? places : sheet.parts.map((part) => part.name);
}

export function moved(order: number[], from: number, by: number): string {
  const next = [...order];
  const [taken] = next.splice(from, 1);
  if (taken !== undefined) {
    next.splice(from + by, 0, taken);
  }
  return next.join(",");
}

/** Which partner was put beside which part. */
export function pairsOf(given: string | undefined): Map<number, number> {
  const pairs = new Map<number, number>();
  for (const pair of given ? given.split(",") : []) {
    const [left, right] = pair.split(":");
    pairs.set(Number(left), Number(right));
  }
  return pairs;
}

export function paired(given: string | undefined, left: number, right: number): string {
  const pairs = pairsOf(given).set(left, right);
  return [...pairs]
    .sort(([a], [b]) => a - b)
    .map(([a, b]) => `${a}:${b}`)
    .join(",");
}

/** What stands in each blank, one a line. */
export function filled(given: string | undefined, blanks: number, blank: number, text: string): string {
  const lines = (given ?? "").split("\n");
  return Array.from({ length: blanks }, (_, i) =>
    i === blank ? text.replace(/\n/g, " ") : (lines[i] ?? ""),
  ).join("\n");
}

/** An answer in words, as it is shown beside its points. */
export function inWords(sheet: Sheet, given: string): string {
  const textOf = (parts: Sheet["parts"], place: number) =>
    parts.find((part) => part.name === place)?.text ?? "";
  switch (sheet.kind) {
    case "SINGLE_CHOICE":
    case "MULTIPLE_CHOICE":
      return placesOf(given)
        .map((place) => textOf(sheet.parts, place))
        .join(", ");
    case "ORDERING":
      return placesOf(given)
        .map((place) => textOf(sheet.parts, place))
        .join(" → ");
    case "MATCHING":
      return [...pairsOf(given)]
        .map(([left, right]) => `${textOf(sheet.parts, left)} – ${textOf(sheet.partners, right)}`)
        .join("; ");
    case "HOT_WORDS":
      return sheet.pieces
        .filter((piece) => piece.word !== undefined && placesOf(given).includes(piece.word))
        .map((piece) => piece.text)
        .join(", ");
    case "BLANKS":
      return given.split("\n").join(", ");
    case "NUMERIC":
    case "SHORT_ANSWER":
      return given;
    case "LONG_ANSWER":
      return inPlainWords(given);
  }
}

/** Written text with a little form, without it. */
export function inPlainWords(html: string): string {
  return html.replace(/<\/(p|li)>/g, " ").replace(/<[^>]*>/g, "");
}
