import { expect, it } from "vitest";
import { changed, narrowingOf, nextSort, withGroup } from "./narrowing";

it("reads only what it knows from the address", () => {
  const search = new URLSearchParams(
    "grade=5&band=x&text=vig&archived=true&descending=yes&evil=1&need=READ_ALOUD",
  );
  expect(narrowingOf(search)).toEqual({ grade: 5, text: "vig", archived: true, need: "READ_ALOUD" });
});

it("changes one field and takes away what is empty", () => {
  const search = new URLSearchParams("grade=5&text=vig");
  expect(changed(search, { text: "", band: 0 }).toString()).toBe("grade=5&band=0");
  expect(search.toString()).toBe("grade=5&text=vig");
});

it("adds the group that the bar is narrowed to", () => {
  expect(withGroup({ grade: 5 }, "everyone", 3)).toEqual({ grade: 5 });
  expect(withGroup({}, "none", 3)).toEqual({ notIn: 3 });
  expect(withGroup({}, 17, 3)).toEqual({ groupId: 17 });
  expect(withGroup({}, 17, undefined)).toEqual({});
});

it("turns a column round when it is pressed again", () => {
  expect(nextSort({}, "name")).toEqual({ sort: "name", descending: true });
  expect(nextSort({}, "m7")).toEqual({ sort: "m7", descending: true });
  expect(nextSort({ sort: "m7", descending: true }, "m7")).toEqual({ sort: "m7", descending: false });
  expect(nextSort({ sort: "m7" }, "family")).toEqual({ sort: "family", descending: false });
});
