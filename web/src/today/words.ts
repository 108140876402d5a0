import type { Schemas } from "../api/client";
import { words as libraryWords } from "../library/words";
import { listed, plural } from "../shell/plural";

export const words = {
  title: "Today",
  about: "what needs you now",
  nothing: "Nothing needs you here now. Groups, tasks and scores are as you left them.",
  moves: (arrangement: string) => `New scores suggest moves in ${arrangement}`,
  move: (each: Schemas["Move"]) =>
    `${each.givenName}: ${each.up ? "move up" : "move down"}, ${each.from} to ${each.to}`,
  values: (each: Schemas["Move"], measure: string) => `${measure}: ${each.before} became ${each.now}`,
  doMove: (each: Schemas["Move"]) => `Move ${each.givenName}`,
  moved: (each: Schemas["Move"]) => `${each.givenName} moved to ${each.to}.`,
  doAll: (count: number) => `Move all ${count}`,
  allMoved: (count: number) => `${plural(count, "student")} moved.`,
  lookAtBench: "Look at the bench",
  notPlaced: (arrangement: string, count: number) =>
    `${plural(count, "student")} in no group of ${arrangement}`,
  place: "Place them",
  links: "Links that do not open",
  link: (each: Schemas["BrokenLink"]) => `${each.title} ${libraryWords.links[each.state]}`,
  usedIn: (names: string[]) => `in front of students: ${listed(names)}`,
  find: (title: string) => `Find “${title}”`,
  findAnother: "Look at it",
  drafts: "Drafts never handed out",
  open: (task: string) => `Open ${task}`,
};
