import { describe, expect, it } from "vitest";
import type { Entry } from "../outbox/entry";
import { saveState } from "./saveState";

const entry: Entry = {
  key: "k",
  studentId: 7,
  tryId: 1,
  kind: "answer",
  questionId: 3,
  text: "crabs",
  givenAt: "2027-02-09T12:00:00Z",
  over: 0,
};
const reached = { arrived: true, unreached: false };
const cut = { arrived: true, unreached: true };

describe("what is claimed of what a student sees", () => {
  it("is saved only where the server has it and can be asked", () => {
    expect(saveState([], reached, true)).toBe("saved");
    expect(saveState([], reached, false)).toBe("savedBefore");
    expect(saveState([], cut, true)).toBe("savedBefore");
  });

  it("is on its way until the server or the device has it", () => {
    expect(saveState([entry], reached, true)).toBe("saving");
    expect(saveState([entry], { arrived: false, unreached: true }, false)).toBe("saving");
  });

  it("is on this device where it is, and on the page where only the page has it", () => {
    expect(saveState([entry], cut, true)).toBe("onDevice");
    expect(saveState([entry], reached, false)).toBe("onDevice");
    expect(saveState([{ ...entry, fleeting: true }], cut, true)).toBe("onPage");
  });
});
