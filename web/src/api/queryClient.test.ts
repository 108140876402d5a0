import { expect, it, vi } from "vitest";

vi.stubGlobal("window", { location: { origin: "http://zafu.example" } });
const { ApiProblem, Unreached } = await import("./client");
const { ofThePage } = await import("./ofThePage");
const { queryClient } = await import("./queryClient");

const refused = new ApiProblem(404, "not-found", "There is no such task here.");
const failed = new ApiProblem(500, "our-mistake", "Something went wrong on our side.");

/** Whether an error of such a query takes the place of the page. */
function takesThePage(error: Error, queryKey: unknown[], meta?: Record<string, unknown>, data?: unknown) {
  const decide = queryClient.getDefaultOptions().queries?.throwOnError;
  if (typeof decide !== "function") {
    throw new Error("nothing decides");
  }
  return decide(error, { queryKey, meta, state: { data } } as never);
}

it("says in place of the page that nobody answers or the server failed", () => {
  expect(takesThePage(new Unreached(), ["class", 1, "tasks"])).toBe(true);
  expect(takesThePage(failed, ["class", 1, "tasks"])).toBe(true);
});

it("leaves what was there before", () => {
  expect(takesThePage(new Unreached(), ["class", 1, "tasks"], undefined, [])).toBe(false);
  expect(takesThePage(refused, ["task", 1], ofThePage, {})).toBe(false);
});

it("leaves a gap for what is not for everybody, unless the page is about it", () => {
  expect(takesThePage(refused, ["class", 1, "low-results"])).toBe(false);
  expect(takesThePage(refused, ["task", 1], ofThePage)).toBe(true);
});

it("leaves students' pages to say themselves what they lack", () => {
  expect(takesThePage(new Unreached(), ["my", "work"])).toBe(false);
  expect(takesThePage(failed, ["faces"])).toBe(false);
});

it("does nothing later by itself, and asks again only where nobody answered", () => {
  const { queries, mutations } = queryClient.getDefaultOptions();
  expect(mutations?.networkMode).toBe("always");
  const retry = queries?.retry as (count: number, error: Error) => boolean;
  expect(retry(0, new Unreached())).toBe(true);
  expect(retry(3, new Unreached())).toBe(false);
  expect(retry(0, failed)).toBe(false);
});
