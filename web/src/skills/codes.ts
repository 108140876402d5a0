import type { Schemas } from "../api/client";

type Code = Schemas["CodeShown"];

/** "standard | code", one a line. */
export function linesOfCodes(codes: Code[]): string {
  return codes.map(({ scheme, code }) => `${scheme} | ${code}`).join("\n");
}

/** A line without a bar is a code of a standard that has no name. */
export function codesOf(lines: string): Code[] {
  return lines
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== "")
    .map((line) => {
      const bar = line.lastIndexOf("|");
      return { scheme: bar < 0 ? "–" : line.slice(0, bar).trim(), code: line.slice(bar + 1).trim() };
    });
}
