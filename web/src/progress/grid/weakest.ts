import type { Schemas } from "../../api/client";

export interface Weakest {
  skill: Schemas["SkillResult"];
  /** Those of the students who missed it. */
  missed: number[];
}

/** The skill that most of these students missed; of equal ones the one with the lower share. */
export function weakestOf(skills: Schemas["SkillResult"][], students: number[]): Weakest | undefined {
  return skills
    .map((skill) => ({ skill, missed: students.filter((each) => skill.missed.includes(each)) }))
    .filter(({ missed }) => missed.length > 0)
    .sort((a, b) => b.missed.length - a.missed.length || (a.skill.share ?? 1) - (b.skill.share ?? 1))[0];
}
