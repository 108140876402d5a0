import type { Schemas } from "../api/client";
import { listed } from "../shell/plural";

type Skill = Schemas["SkillInGroup"];
type Standing = Schemas["StandingShown"];

const statuses: Record<Standing["status"], string> = {
  ABOVE: "past it",
  SECURE: "secure",
  NEARLY: "nearly",
  PRACTISING: "practising",
  NOT_YET: "not yet",
  NOT_ASSESSED: "not seen yet",
};

const percent = (share: number) => `${Math.round(share * 100)} %`;

export const words = {
  title: "Skills",
  about: (name: string) => `Where ${name} stands, and what comes next.`,
  everyone: "the class",
  library: "Library",
  add: "New skill",
  bringIn: "Bring in skills…",
  noStrand: "Other skills",
  none: "No skills yet. Bring in an outline from a file, or write the first one.",
  map: "Map of skills",
  ready: "Ready to teach",
  noneReady: "Nothing is ready to teach: most hold it, or few hold what comes before it.",
  readyWhy: (skill: Skill, members: number) =>
    `${members - skill.holders} of ${members} need it, ${skill.footed} of ${members} hold what comes before`,
  held: (skill: Skill, members: number) => `${skill.holders} of ${members}`,
  tile: (skill: Skill, members: number) => `${skill.name}, held by ${skill.holders} of ${members}`,
  readiness: {
    MOSTLY_HELD: "most hold it",
    READY: "ready to teach",
    LACKS_FOOTING: "lacks its footing",
  },
  needs: (names: string[]) => `needs ${listed(names)}`,
  statuses,
  students: (names: string[]) => names.join(", "),
  why: (standing: Standing) => whyOf(standing),
  findFor: "What the library has for it",
  note: "Note what you saw",
  noteTitle: (skill: string) => `What you saw: ${skill}`,
  student: "Student",
  right: "right",
  of: "of",
  on: "on",
  remark: "A few words, if you like",
  noted: (name: string, skill: string) => `Noted for ${name}: ${skill}.`,
  keep: "Keep",
  cancel: "Back",
  edit: "Change the skill",
  close: "Close",
  fields: {
    name: "Name",
    strand: "Strand",
    grade: "Grade",
    description: "What it means",
    prerequisites: "What comes before",
    codes: "Codes of standards, one a line: standard | code",
    screenMeasure: "A screening places past it",
    noScreening: "no screening",
    screenCut: "from a score of",
  },
  newTitle: "New skill",
  editTitle: (name: string) => `Change “${name}”`,
  remove: "Put it away",
  kept: (name: string) => `“${name}” is kept.`,
  removed: (name: string) => `“${name}” is put away. What was seen of it stays.`,
  brought: (made: number, known: number) =>
    `${made === 1 ? "1 new skill" : `${made} new skills`}${known > 0 ? `, ${known} were here already` : ""}.`,
  passedOver: "Not taken",
  bringTitle: "Bring in skills",
  bringAbout:
    "A framework in CASE 1.0 (JSON), or a table (CSV) with the columns name, strand, grade, code, scheme, prerequisites.",
  choose: "Choose the file…",
  done: "Done",
};

function whyOf({ lastTwo, lastSeen, placedBy }: Standing): string {
  if (placedBy) {
    return `${placedBy.measure} ${placedBy.value}, from ${placedBy.cut} past it`;
  }
  if (lastTwo.length === 0) {
    return "";
  }
  return `${lastTwo.map(percent).join(", then ")}${lastSeen ? `, last on ${lastSeen}` : ""}`;
}
