import type { Schemas } from "../api/client";
import { typedNumber } from "../languages/numbers";
import { draftOf, emptyDraft, type QuestionDraft, questionOf } from "./questionDraft";

export type ItemKind = Schemas["ItemView"]["kind"];
type ItemView = Schemas["ItemView"];
type Role = Schemas["SkillUse"]["role"];

/** An item as it stands in the editor. Numbers are text until they are kept. */
export interface ItemDraft {
  kind: ItemKind;
  title: string;
  body: string;
  language: string;
  /** The item that this one says over again in another language. */
  same?: { id: number; title: string };
  minutes: string;
  levelMeasureId?: number;
  levelLow: string;
  levelHigh: string;
  gradeLow: string;
  gradeHigh: string;
  skills: Record<Role, number[]>;
  visibility: ItemView["visibility"];
  tags: string[];
  licence: string;
  address: string;
  aims: string;
  steps: string;
  materials: string;
  file?: Schemas["KeptFile"];
  questions: QuestionDraft[];
  version?: number;
}

export const withQuestions: readonly ItemKind[] = ["PRACTICE", "QUIZ"];

export function newItem(kind: ItemKind): ItemDraft {
  return {
    kind,
    title: "",
    body: "",
    language: "en",
    minutes: "",
    levelLow: "",
    levelHigh: "",
    gradeLow: "",
    gradeHigh: "",
    skills: { TRAINS: [], NEEDS: [], PREPARES: [] },
    visibility: "SCHOOL",
    tags: [],
    licence: "",
    address: "",
    aims: "",
    steps: "",
    materials: "",
    questions: withQuestions.includes(kind) ? [emptyDraft()] : [],
  };
}

const shown = (number: number | undefined) => (number === undefined ? "" : String(number));

export function itemDraftOf(item: ItemView): ItemDraft {
  const having = (role: Role) => item.skills.filter((use) => use.role === role).map((use) => use.skillId);
  return {
    kind: item.kind,
    title: item.title,
    body: item.body,
    language: item.language,
    same: item.sameAs === undefined ? undefined : { id: item.sameAs, title: item.sameAsTitle ?? "" },
    minutes: shown(item.minutes),
    levelMeasureId: item.levelMeasureId,
    levelLow: shown(item.levelLow),
    levelHigh: shown(item.levelHigh),
    gradeLow: shown(item.gradeLow),
    gradeHigh: shown(item.gradeHigh),
    skills: { TRAINS: having("TRAINS"), NEEDS: having("NEEDS"), PREPARES: having("PREPARES") },
    visibility: item.visibility,
    tags: item.tags,
    licence: item.licence,
    address: item.address,
    aims: item.aims,
    steps: item.steps,
    materials: item.materials,
    file: item.file,
    questions: item.questions.map(draftOf),
    version: item.version,
  };
}

function numberIn(text: string): number | undefined {
  const number = typedNumber(text);
  return Number.isNaN(number) ? undefined : number;
}

/** What is sent; questions of which nothing was written yet are left out. */
export function editOf(draft: ItemDraft, classId: number): Schemas["ItemEdit"] {
  const { skills, questions, file, levelMeasureId, same, ...fields } = draft;
  const low = numberIn(draft.levelLow);
  return {
    ...fields,
    minutes: numberIn(draft.minutes),
    levelMeasureId: low === undefined ? undefined : levelMeasureId,
    levelLow: low,
    levelHigh: numberIn(draft.levelHigh),
    gradeLow: numberIn(draft.gradeLow),
    gradeHigh: numberIn(draft.gradeHigh),
    classId: draft.visibility === "CLASS" ? classId : undefined,
    skills: Object.entries(skills).flatMap(([role, ids]) =>
      ids.map((skillId) => ({ skillId, role: role as Role })),
    ),
    sameAs: same?.id,
    fileId: file?.id,
    questions: questions
      .filter((question) => question.prompt.trim() || question.lines.trim() || question.value.trim())
      .map(questionOf),
  };
}
