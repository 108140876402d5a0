import { describe, expect, it } from "vitest";
import { filled, inWords, moved, orderOf, paired, pairsOf, placesOf, type Sheet, toggled } from "./answers";

const part = (name: number, text: string) => ({ name, text, html: text });

const sheet = (fields: Partial<Sheet>): Sheet => ({
  id: 1,
  kind: "SINGLE_CHOICE",
  prompt: "Which?",
  points: 1,
  parts: [],
  partners: [],
  pieces: [],
  ...fields,
});

describe("places that are chosen", () => {
  it("are added and taken out in their order", () => {
    expect(toggled(undefined, 2)).toBe("2");
    expect(toggled("2", 0)).toBe("0,2");
    expect(toggled("0,2", 2)).toBe("0");
    expect(toggled("0", 0)).toBe("");
  });

  it("are none where nothing was given", () => {
    expect(placesOf(undefined)).toEqual([]);
    expect(placesOf("")).toEqual([]);
  });
});

describe("an order", () => {
  const parts = [part(2, "high"), part(0, "low"), part(1, "rising")];

  it("is the shown one until something was moved", () => {
    expect(orderOf(sheet({ parts }), undefined)).toEqual([2, 0, 1]);
    expect(orderOf(sheet({ parts }), "0,1,2")).toEqual([0, 1, 2]);
  });

  it("is the shown one where what was given does not fit any more", () => {
    expect(orderOf(sheet({ parts }), "0,1")).toEqual([2, 0, 1]);
  });

  it("moves one part by one place", () => {
    expect(moved([2, 0, 1], 0, 1)).toBe("0,2,1");
    expect(moved([2, 0, 1], 2, -1)).toBe("2,1,0");
  });
});

describe("pairs", () => {
  it("are written by their left side and replaced", () => {
    expect(paired(undefined, 1, 0)).toBe("1:0");
    expect(paired("1:0", 0, 2)).toBe("0:2,1:0");
    expect(paired("0:2,1:0", 1, 2)).toBe("0:2,1:2");
    expect(pairsOf("0:2,1:0").get(0)).toBe(2);
  });
});

describe("blanks", () => {
  it("are a line each, also the empty ones", () => {
    expect(filled(undefined, 3, 1, "moon")).toBe("\nmoon\n");
    expect(filled("\nmoon\n", 3, 0, "the")).toBe("the\nmoon\n");
  });

  it("take no line breaks of their own", () => {
    expect(filled(undefined, 2, 0, "a\nb")).toBe("a b\n");
  });
});

describe("an answer in words", () => {
  it.each([
    [sheet({ parts: [part(0, "wind"), part(1, "moon")] }), "1", "moon"],
    [sheet({ kind: "MULTIPLE_CHOICE", parts: [part(0, "wind"), part(1, "moon")] }), "0,1", "wind, moon"],
    [sheet({ kind: "ORDERING", parts: [part(1, "high"), part(0, "low")] }), "0,1", "low → high"],
    [
      sheet({ kind: "MATCHING", parts: [part(0, "full")], partners: [part(1, "quiet"), part(0, "spring")] }),
      "0:0",
      "full – spring",
    ],
    [sheet({ kind: "BLANKS" }), "moon\nsea", "moon, sea"],
    [
      sheet({
        kind: "HOT_WORDS",
        pieces: [{ text: "so", word: 0 }, { text: " and " }, { text: "but", word: 1 }],
      }),
      "1",
      "but",
    ],
    [sheet({ kind: "NUMERIC" }), "6", "6"],
    [sheet({ kind: "LONG_ANSWER" }), "Because.", "Because."],
  ])("says what was chosen or written: %#", (asked, given, words) => {
    expect(inWords(asked, given)).toBe(words);
  });
});
