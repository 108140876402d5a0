import { expect, it } from "vitest";
import { changed, type Narrowing, narrowingOf, nextSort, withGroup } from "./narrowing";

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

it("finds again in the address whatever was put there", () => {
  const wanted = { grade: 5, measureId: 3, band: 0, from: -2.5, text: "a&b=c", home: "Ñu", archived: true };
  expect(narrowingOf(changed(new URLSearchParams(), wanted))).toEqual(wanted);
});

it("takes a narrowing away field by field until everybody is there", () => {
  let search = new URLSearchParams("grade=5&need=READ_ALOUD&archived=true");
  for (const name of ["grade", "need", "archived"]) {
    search = changed(search, { [name]: undefined });
  }
  expect(narrowingOf(search)).toEqual({});
});

it("is back in the first order after two presses on the same head", () => {
  const once = nextSort({ sort: "family" }, "family");
  expect(once.descending).toBe(true);
  expect(nextSort(once as Narrowing, "family").descending).toBe(false);
});
