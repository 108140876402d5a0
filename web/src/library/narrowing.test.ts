import { describe, expect, it } from "vitest";
import { isNarrowed, narrowingIn, toParams, withToggled } from "./narrowing";

describe("the library's narrowing in the address", () => {
  it("says nothing where nothing is narrowed", () => {
    expect(toParams(narrowingIn(new URLSearchParams()))).toEqual({});
    expect(isNarrowed(narrowingIn(new URLSearchParams()))).toBe(false);
  });

  it("comes back from the address as it went in", () => {
    const narrowing = {
      words: "tide table",
      skills: [3, 5],
      kinds: ["TEXT" as const],
      languages: ["fr-CA"],
      tags: ["salt marsh", "a,b"],
      low: 540,
      high: 640,
      grade: 0,
      starred: true,
      unitId: 2,
    };
    expect(narrowingIn(new URLSearchParams(toParams(narrowing)))).toMatchObject(narrowing);
  });

  it("takes a value out that was in", () => {
    expect(withToggled({ skills: [3] }, "skills", 5).skills).toEqual([3, 5]);
    expect(withToggled({ skills: [3, 5] }, "skills", 3).skills).toEqual([5]);
  });
});
