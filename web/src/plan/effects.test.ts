import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { effectSentences, runningNames } from "./effects";

type Effect = Schemas["TaskEffect"];

function effect(givenName: string, more: Partial<Effect>): Effect {
  return { studentId: 1, givenName, running: false, kind: "TERM", ...more };
}

describe("what a change does to students", () => {
  it("is one sentence for all to whom the same happens", () => {
    const due = {
      part: "DUE" as const,
      dateBefore: "2027-02-12T15:00:00",
      dateAfter: "2027-02-15T15:00:00",
    };
    expect(
      effectSentences([effect("Umi", due), effect("Kofi", due), effect("Ivo", { kind: "LOSES" })]),
    ).toEqual(["Umi and Kofi: due Mon 15 Feb 15:00 instead of Fri 12 Feb 15:00.", "Ivo: no longer gets it."]);
  });

  it("counts those who do not fit in the line", () => {
    const names = ["Amara", "Bodhi", "Calla", "Dmitri", "Esme", "Farid", "Greta", "Hana"];
    const [sentence] = effectSentences(names.map((name) => effect(name, { kind: "GAINS" })));
    expect(sentence).toBe("Amara, Bodhi, Calla, Dmitri, Esme, Farid and 2 more: gets it.");
  });

  it("says what none means", () => {
    const [sentence] = effectSentences([effect("Umi", { part: "MINUTES", numberBefore: 20 })]);
    expect(sentence).toBe("Umi: time limit without limit instead of 20 min.");
  });

  it("asks about running tries only where their time or end would change", () => {
    const running = { running: true, part: "MINUTES" as const, numberBefore: 20, numberAfter: 30 };
    expect(runningNames([effect("Umi", running), effect("Kofi", { ...running, part: "DUE" })])).toEqual([
      "Umi",
    ]);
    expect(runningNames([effect("Ivo", { ...running, running: false })])).toEqual([]);
  });
});
