import { describe, expect, it } from "vitest";
import { words } from "./words";

describe("words of corners", () => {
  it("say how large a file is in what people use", () => {
    expect(words.size(10)).toBe("1 kB");
    expect(words.size(2_500)).toBe("2 kB");
    expect(words.size(5 * 1024 * 1024)).toBe("5.0 MB");
  });

  it("say how students call the place of their group", () => {
    expect(words.called("Tide pools")).toBe("students see: Tide pools");
    expect(words.called(undefined)).toContain("Your corner");
  });

  it("count one and many", () => {
    expect(words.alsoIn({ count: 1 })).toBe("in 1 corner");
    expect(words.alsoIn({ count: 3 })).toBe("in 3 corners");
  });
});
