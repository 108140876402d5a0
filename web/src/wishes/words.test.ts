import { expect, it } from "vitest";
import { words } from "./words";

it("says how often an answer was chosen, and as which choice", () => {
  expect(words.chosen([4, 0, 2])).toBe("4 first, 0 second, 2 third");
  expect(words.rank(0)).toBe("first choice");
});

it("counts replies and those who are waited for", () => {
  expect(words.replies({ count: 1, waiting: 25 })).toBe("1 reply, 25 waiting");
  expect(words.replies({ count: 26, waiting: 0 })).toBe("26 replies, 0 waiting");
});
