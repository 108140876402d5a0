import { describe, expect, it } from "vitest";
import { pageFor, pages } from "./words";

describe("the page of help", () => {
  it.each([
    ["/classes/3/arrange", "arrange"],
    ["/classes/3/arrange/12", "arrange"],
    ["/classes/3/arrange/12/lists", "arrange"],
    ["/classes/3/progress/tasks/9/live", "progress"],
    ["/classes/3/library/units", "library"],
    ["/school/backups", "school"],
    ["/classes/3/somewhere-new", "today"],
  ])("of %s is %s", (address, page) => {
    expect(pageFor(address)).toBe(page);
  });

  it("says for every place what it is for and how to do something, in whole sentences", () => {
    for (const page of Object.values(pages)) {
      expect(page.about).toMatch(/\.$/);
      expect(page.how.length).toBeGreaterThan(0);
      for (const sentence of page.how) {
        expect(sentence).toMatch(/^[A-Z“].*[.]$/);
      }
    }
  });

  it("exists for every place in the top bar", () => {
    for (const place of ["today", "students", "arrange", "library", "plan", "progress", "corners"]) {
      expect(pages).toHaveProperty([place]);
    }
  });
});
