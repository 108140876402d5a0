import type { Schemas } from "../api/client";
import { typedNumber } from "../languages/numbers";

type Question = Schemas["QuestionShown"];
type Body = Question["body"];
type Piece = Schemas["Piece"];
export type QuestionKind = Question["kind"];

/** A question as it stands in the editor: everything a line of text. */
export interface QuestionDraft {
  /** Tells cards apart while they are moved. */
  key: number;
  id?: number;
  kind: QuestionKind;
  prompt: string;
  points: string;
  /** What is asked for, in plain lines; see {@link questionOf}. */
  lines: string;
  value: string;
  tolerance: string;
  unit: string;
  byPart: boolean;
  skillId?: number;
  feedbackRight: string;
  feedbackWrong: string;
}

let keys = 0;

export function emptyDraft(kind: QuestionKind = "SINGLE_CHOICE"): QuestionDraft {
  return {
    key: ++keys,
    kind,
    prompt: "",
    points: "1",
    lines: "",
    value: "",
    tolerance: "",
    unit: "",
    byPart: false,
    feedbackRight: "",
    feedbackWrong: "",
  };
}

export function draftOf(question: Question): QuestionDraft {
  const { value, tolerance, unit, byPart, feedbackRight, feedbackWrong } = question.body;
  return {
    key: ++keys,
    id: question.id,
    kind: question.kind,
    prompt: question.prompt,
    points: String(question.points),
    lines: linesOf(question.kind, question.body),
    value: value === undefined ? "" : String(value),
    tolerance: tolerance === undefined ? "" : String(tolerance),
    unit: unit ?? "",
    byPart: byPart ?? false,
    skillId: question.skillId,
    feedbackRight: feedbackRight ?? "",
    feedbackWrong: feedbackWrong ?? "",
  };
}

function linesOf(kind: QuestionKind, body: Body): string {
  const options = body.options ?? [];
  switch (kind) {
    case "SINGLE_CHOICE":
    case "MULTIPLE_CHOICE": {
      const rights = kind === "SINGLE_CHOICE" ? [body.right] : (body.rights ?? []);
      const mark = (i: number) => (rights.includes(i) ? "*" : body.leaveOut?.includes(i) ? "-" : "");
      return options.map((option, i) => `${mark(i)}${option}`).join("\n");
    }
    case "ORDERING":
      return options.join("\n");
    case "MATCHING": {
      const partners = body.partners ?? [];
      const pairs = options.map((left, i) => `${left} = ${partners[body.pairs?.[i] ?? 0]}`);
      const extra = partners.filter((_, i) => !body.pairs?.includes(i)).map((partner) => `= ${partner}`);
      return [...pairs, ...extra].join("\n");
    }
    case "BLANKS":
    case "HOT_WORDS":
      return (body.pieces ?? []).map(pieceText).join("");
    case "SHORT_ANSWER":
      return (body.accepted ?? []).join("\n");
    case "LONG_ANSWER":
      return body.guidance ?? "";
    case "NUMERIC":
      return "";
  }
}

function pieceText(piece: Piece): string {
  if (piece.choices) {
    return `[${piece.choices.map((each) => (piece.accepted?.includes(each) ? `*${each}` : each)).join(" / ")}]`;
  }
  if (piece.accepted) {
    return `[${piece.accepted.join("|")}]`;
  }
  if (piece.right !== undefined) {
    return `[${piece.right ? "*" : ""}${piece.text}]`;
  }
  return piece.text.replace(/[[\]]/g, "\\$&");
}

/**
 * The question that the lines say. Choices: a star before a right one, a minus before one to leave out where a student is
 * given fewer. Matching: `left = right`, or `= right` for one that belongs to none. Blanks: `[form|other form]`, or
 * `[*right / wrong]` to pick from. Words to choose: `[word]`, with a star where it is right.
 */
export function questionOf(draft: QuestionDraft): Question {
  return {
    id: draft.id,
    kind: draft.kind,
    prompt: draft.prompt.trim(),
    points: Number(draft.points) || 1,
    skillId: draft.skillId,
    body: {
      ...bodyOf(draft),
      feedbackRight: draft.feedbackRight.trim() || undefined,
      feedbackWrong: draft.feedbackWrong.trim() || undefined,
    },
  };
}

function bodyOf(draft: QuestionDraft): Body {
  const byPart = draft.byPart || undefined;
  switch (draft.kind) {
    case "SINGLE_CHOICE": {
      const { options, rights, leaveOut } = choicesOf(draft.lines);
      return { options, right: rights.length === 1 ? rights[0] : undefined, leaveOut };
    }
    case "MULTIPLE_CHOICE": {
      const { options, rights, leaveOut } = choicesOf(draft.lines);
      return { options, rights, leaveOut, byPart };
    }
    case "ORDERING":
      return { options: filledLines(draft.lines) };
    case "MATCHING":
      return { ...matchingOf(draft.lines), byPart };
    case "BLANKS":
      return { pieces: piecesOf(draft.lines, blank), byPart };
    case "HOT_WORDS":
      return { pieces: piecesOf(draft.lines, hotWord), byPart };
    case "NUMERIC":
      return {
        value: numberOf(draft.value),
        tolerance: numberOf(draft.tolerance) ?? 0,
        unit: draft.unit.trim() || undefined,
      };
    case "SHORT_ANSWER":
      return { accepted: filledLines(draft.lines) };
    case "LONG_ANSWER":
      return { guidance: draft.lines.trim() || undefined };
  }
}

function choicesOf(text: string) {
  const lines = filledLines(text);
  const marked = (mark: string) => lines.flatMap((line, i) => (line.startsWith(mark) ? [i] : []));
  const leaveOut = marked("-");
  return {
    options: lines.map((line) => line.replace(/^[*-]\s*/, "")),
    rights: marked("*"),
    leaveOut: leaveOut.length > 0 ? leaveOut : undefined,
  };
}

function matchingOf(text: string): Pick<Body, "options" | "partners" | "pairs"> {
  const options: string[] = [];
  const partners: string[] = [];
  const pairs: number[] = [];
  for (const line of filledLines(text)) {
    const [left = "", ...rest] = line.split(/\s*=\s*/);
    const right = rest.join(" = ").trim();
    if (right && !partners.includes(right)) {
      partners.push(right);
    }
    if (left) {
      options.push(left);
      pairs.push(partners.indexOf(right));
    }
  }
  return { options, partners, pairs };
}

function piecesOf(text: string, special: (inside: string) => Piece): Piece[] {
  return text
    .trim()
    .split(/((?<!\\)\[[^\]]*\])/)
    .filter((part) => part !== "")
    .map((part) =>
      part.startsWith("[") ? special(part.slice(1, -1)) : { text: part.replace(/\\([[\]])/g, "$1") },
    );
}

function blank(inside: string): Piece {
  const choices = inside.split(/\s+\/\s+/).map((each) => each.trim());
  if (choices.length > 1) {
    return {
      text: "",
      choices: choices.map((each) => each.replace(/^\*/, "")),
      accepted: choices.filter((each) => each.startsWith("*")).map((each) => each.slice(1)),
    };
  }
  const accepted = inside
    .split("|")
    .map((form) => form.trim())
    .filter((form) => form !== "");
  return { text: "", accepted };
}

function hotWord(inside: string): Piece {
  return { text: inside.replace(/^\*/, ""), right: inside.startsWith("*") };
}

function filledLines(text: string): string[] {
  return text
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== "");
}

function numberOf(text: string): number | undefined {
  const number = typedNumber(text);
  return Number.isNaN(number) ? undefined : number;
}
