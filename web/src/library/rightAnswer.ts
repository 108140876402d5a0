import type { Schemas } from "../api/client";
import { words } from "./words";

/** What is right, in a few words. */
export function rightAnswer({ kind, body }: Schemas["QuestionShown"]): string {
  const options = body.options ?? [];
  switch (kind) {
    case "SINGLE_CHOICE":
      return body.right === undefined
        ? ""
        : `${String.fromCharCode(65 + body.right)} · ${options[body.right]}`;
    case "MULTIPLE_CHOICE":
      return (body.rights ?? []).map((place) => options[place]).join(" + ");
    case "NUMERIC":
      return [body.value, body.tolerance ? `± ${body.tolerance}` : "", body.unit ?? ""]
        .filter((part) => part !== "")
        .join(" ");
    case "SHORT_ANSWER":
      return body.accepted?.[0] ?? "";
    case "ORDERING":
      return options.join(" → ");
    case "MATCHING":
      return options.map((left, i) => `${left} – ${body.partners?.[body.pairs?.[i] ?? 0]}`).join("; ");
    case "BLANKS":
      return (body.pieces ?? []).flatMap((piece) => piece.accepted?.[0] ?? []).join(", ");
    case "HOT_WORDS":
      return (body.pieces ?? []).flatMap((piece) => (piece.right ? piece.text : [])).join(", ");
    case "LONG_ANSWER":
      return body.guidance ?? words.byTeacher;
  }
}
