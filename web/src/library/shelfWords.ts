import type { Schemas } from "../api/client";
import { words as library } from "./words";

export const shelfWords = {
  title: (group: string) => `${group}'s shelf`,
  about: "Students see it on top of their work, starred things first.",
  empty: "Nothing yet. Choose something in the library and put it here.",
  done: "Done",
  changed: "Changed.",
  undo: "Undo",
  entry: (entry: Schemas["OnShelf"]) =>
    [
      library.kinds[entry.kind],
      entry.minutes === undefined ? "" : library.minutes(entry.minutes),
      `opened by ${entry.openedBy} of ${entry.members}`,
    ]
      .filter((part) => part !== "")
      .join(" · "),
  up: (title: string) => `Move up: ${title}`,
  down: (title: string) => `Move down: ${title}`,
  takeOff: (title: string) => `Take off: ${title}`,
  swap: "Swap the list…",
  like: (group: string) => `for that of ${group}`,
  clear: "for an empty one",
};
