import type { Schemas } from "../api/client";

export function nameSkills(list: Schemas["SkillList"] | undefined): Map<number, string> {
  return new Map(
    list?.strands.flatMap((strand) => strand.skills.map((skill) => [skill.id, skill.name])) ?? [],
  );
}
