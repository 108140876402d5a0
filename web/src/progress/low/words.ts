import type { Schemas } from "../../api/client";
import { plural } from "../../shell/plural";
import { words as common } from "../words";

export const words = {
  about: (percent: number, count: number) =>
    `${plural(count, "result")} under ${percent} %. Where low begins is set in Marks, under “How marks come about…”.`,
  none: (percent: number) => `No result is under ${percent} %.`,
  label: "Low results",
  askedAgain: "asked to try again",
  tries: (tries: Schemas["TryResult"][]) =>
    tries
      .map((each) =>
        each.earned === undefined
          ? `try ${each.number}: to be marked`
          : `try ${each.number}: ${common.points(each.earned)} of ${common.points(each.possible ?? 0)}`,
      )
      .join(" · "),
  again: "Another try…",
  againFor: (name: string, task: string) => `Another try for ${name}: ${task}`,
  all: (count: number) => `Another try for all ${count}…`,
  read: "Read",
  readOf: (name: string, task: string) => `Read ${name}'s answers: ${task}`,
};
