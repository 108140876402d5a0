import type { Schemas } from "../api/client";
import { wordsOf, wordsWith } from "../languages/words";

const said = wordsOf("skills");

type Skill = Schemas["SkillInGroup"];

type Standing = Schemas["StandingShown"];

const percent = (share: number) => `${Math.round(share * 100)} %`;

export const words = wordsWith("skills", {
  readyWhy: (skill: Skill, members: number) =>
    said.readyWhySays({ members: members - skill.holders, members2: members, footed: skill.footed }),
  held: (skill: Skill, members: number) => said.heldSays({ holders: skill.holders, members }),
  tile: (skill: Skill, members: number) =>
    said.tileSays({ name: skill.name, holders: skill.holders, members }),
  students: (names: string[]) => names.join(", "),
  why: (standing: Standing) => whyOf(standing),
  brought: (made: number, known: number) =>
    said.broughtSays.newSkills({ made, more: known > 0 ? said.broughtSays.wereHereAlready({ known }) : "" }),
});

function whyOf({ lastTwo, lastSeen, placedBy }: Standing): string {
  if (placedBy) {
    return said.whyOfSays.fromPast({ measure: placedBy.measure, value: placedBy.value, cut: placedBy.cut });
  }
  if (lastTwo.length === 0) {
    return "";
  }
  return `${lastTwo.map(percent).join(", then ")}${lastSeen ? said.whyOfSays.lastOn({ lastSeen }) : ""}`;
}
