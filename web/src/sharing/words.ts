import { plural } from "../shell/plural";
import type { Role } from "../shell/role";

export const words = {
  title: "Who works in this class",
  about:
    "Everybody here signs in with an account of their own. What they do stands in the history of the class.",
  roles: {
    OWNER: "owner",
    CO_TEACHER: "co-teacher",
    SUPPORT: "support",
    GROUP_SUPPORT: "support for the groups they lead",
    VIEWER: "viewer",
  } satisfies Record<Role, string>,
  means: {
    OWNER: "Does everything, and says who else works here.",
    CO_TEACHER: "Does everything but say who works here.",
    SUPPORT: "Sees everyone, needs too, and marks.",
    GROUP_SUPPORT: "Sees and marks who is in the groups that the bench says they lead, and nobody else.",
    VIEWER: "Looks on, without needs. For a substitute, say.",
  } satisfies Record<Role, string>,
  role: "As",
  adult: "Colleague",
  add: "Add a colleague…",
  addTitle: "A colleague for this class",
  keep: "Keep",
  cancel: "Cancel",
  roleOf: (name: string) => `What ${name} is to this class`,
  take: (name: string) => `Take ${name} out of the class`,
  taken: (name: string) => `${name} no longer works in this class.`,
  given: (name: string, role: Role) => `${name} is now ${words.roles[role]}.`,
  asked: "Asked by mail",
  until: (email: string, role: Role, when: string) => `${email} · ${words.roles[role]} · until ${when}`,
  takeBack: "Take back",
  adults: (count: number) => plural(count, "adult"),
};
