import { expect, it } from "vitest";
import { closedLines, cutLines } from "./lines";

it("reads benchmarks line by line, with decimal point or comma", () => {
  expect(cutLines("521 below\n\n 682,5 at benchmark ")).toEqual({
    read: [
      { score: 521, name: "below" },
      { score: 682.5, name: "at benchmark" },
    ],
  });
});

it("names the line that it cannot read", () => {
  expect(cutLines("521 below\nabove 800")).toEqual({ unread: "above 800" });
  expect(closedLines("15.2. Harbour day")).toEqual({ unread: "15.2. Harbour day" });
});

it("reads closed days with or without a reason", () => {
  expect(closedLines("2027-02-15 Harbour day\n2027-02-16")).toEqual({
    read: [
      { day: "2027-02-15", reason: "Harbour day" },
      { day: "2027-02-16", reason: "" },
    ],
  });
});
