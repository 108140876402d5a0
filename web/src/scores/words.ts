import { plural } from "../shell/plural";

export const words = {
  title: "Type scores",
  about: "kept as you type; blank takes a score back",
  on: "Day",
  back: "‹ students",
  name: "name",
  undo: "Undo",
  undone: "Undone.",
  range: (low: string, high: string) => `${low} to ${high}`,
  cell: (student: string, measure: string) => `${measure} of ${student}`,
  kept: (count: number) => `${plural(count, "score")} kept`,
  wrong: (count: number) => `${plural(count, "cell")} not kept`,
  nobody: "No student in this class yet.",
  keys: { move: "move", down: "below", paste: "paste", undo: "undo" },
};
