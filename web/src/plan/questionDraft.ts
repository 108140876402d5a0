import type { Schemas } from "../api/client";

type Question = Schemas["QuestionShown"];

/** A question as it stands in the editor: everything a line of text. */
export interface QuestionDraft {
  id?: number;
  kind: Question["kind"];
  prompt: string;
  points: string;
  /** Options with a star before the right one, or accepted forms, one a line. */
  lines: string;
  value: string;
  tolerance: string;
  unit: string;
}

export function emptyDraft(): QuestionDraft {
  return { kind: "SINGLE_CHOICE", prompt: "", points: "1", lines: "", value: "", tolerance: "", unit: "" };
}

export function draftOf(question: Question): QuestionDraft {
  const { options, right, accepted, value, tolerance, unit } = question.body;
  const lines = options?.map((option, i) => (i === right ? `*${option}` : option)) ?? accepted ?? [];
  return {
    id: question.id,
    kind: question.kind,
    prompt: question.prompt,
    points: String(question.points),
    lines: lines.join("\n"),
    value: value === undefined ? "" : String(value),
    tolerance: tolerance === undefined ? "" : String(tolerance),
    unit: unit ?? "",
  };
}

export function questionOf(draft: QuestionDraft): Question {
  const shared = {
    id: draft.id,
    kind: draft.kind,
    prompt: draft.prompt.trim(),
    points: Number(draft.points) || 1,
  };
  switch (draft.kind) {
    case "SINGLE_CHOICE": {
      const lines = linesOf(draft.lines);
      const right = lines.findIndex((line) => line.startsWith("*"));
      const options = lines.map((line) => line.replace(/^\*\s*/, ""));
      return { ...shared, body: { options, right: right < 0 ? undefined : right } };
    }
    case "NUMERIC":
      return {
        ...shared,
        body: {
          value: numberOf(draft.value),
          tolerance: numberOf(draft.tolerance) ?? 0,
          unit: draft.unit.trim() || undefined,
        },
      };
    case "SHORT_ANSWER":
      return { ...shared, body: { accepted: linesOf(draft.lines) } };
  }
}

function linesOf(text: string): string[] {
  return text
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== "");
}

function numberOf(text: string): number | undefined {
  const number = Number(text.trim().replace(",", "."));
  return text.trim() === "" || Number.isNaN(number) ? undefined : number;
}
