import { plural } from "../shell/plural";

export const words = {
  title: "Meetings",
  about: "Each group meets on its own page. Whoever calls stands first.",
  none: "No group meets here yet. In a corner, under “Set up…”, say that its group meets on a page of ours.",
  corners: "To the corners",
  calls: (minutes: number) => (minutes < 1 ? "calls you" : `calls you, for ${plural(minutes, "minute")}`),
  goIn: "Go in",
  goTo: (group: string) => `Go in to ${group}`,
  leave: "Leave",
  leaveRoom: (group: string) => `Leave ${group}`,
  youAreHere: "you are here",
  empty: "Nobody is here.",
  of: (present: number, members: number) => `${present} of ${members} here`,
  atTable: (name: string | undefined) => (name ? `Meeting of ${name}` : "Your group's meeting"),
  here: "Who is here",
  me: "you",
  teacher: "teacher",
  call: "Call a teacher",
  called: "A teacher is called. You can go on meanwhile.",
  notNeeded: "No longer needed",
  back: "‹ Leave the meeting",
};
