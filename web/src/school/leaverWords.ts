import { plural } from "../shell/plural";

export const leaverWords = {
  about:
    "Students who were archived, or have been in no class, since before a day. Erasing removes all that is known of them: scores, needs, work and what they said. The latest backups hold them for up to fourteen days more.",
  before: "Left before",
  none: "Nobody has left before this day.",
  left: (when: string, classes: readonly string[]) =>
    [`left ${when}`, ...classes].filter((each) => each !== "").join(" · "),
  sure: "I have seen who they are. Erasing cannot be undone.",
  erase: (count: number) => `Erase ${plural(count, "student")}`,
  erased: (count: number) => `${plural(count, "student")} erased.`,
};
