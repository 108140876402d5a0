import { afterEach, expect, it, vi } from "vitest";
import type { Entry } from "./entry";

vi.stubGlobal("window", { location: { origin: "http://zafu.example" } });
vi.stubGlobal("document", { cookie: "XSRF-TOKEN=token" });
let server: (request: Request) => Promise<Response>;
vi.stubGlobal("fetch", (request: Request) => server(request));
const { send } = await import("./send");

const answer: Entry = {
  kind: "answer",
  studentId: 1,
  tryId: 5,
  questionId: 7,
  text: "crabs",
  key: "k1",
  givenAt: "2027-02-09T12:00:00Z",
  over: 4,
  device: "tablet",
  seq: 9,
};

function says(status: number, body: unknown) {
  const asked = vi.fn(async (_: Request) => Response.json(body, { status }));
  server = asked;
  return asked;
}

afterEach(() => vi.restoreAllMocks());

it("sends an answer with its key and the token of the page", async () => {
  const asked = says(200, { at: "2027-02-09T12:00:00Z", as: "KEPT", number: 5 });
  expect(await send(answer)).toEqual({ as: "saved", saved: { text: "crabs", number: 5 } });
  const request = asked.mock.calls[0]?.[0] as Request;
  expect(request.url).toBe("http://zafu.example/api/my/tries/5/answers/7");
  expect(request.headers.get("X-XSRF-TOKEN")).toBe("token");
  expect(await request.json()).toEqual({
    given: "crabs",
    key: "k1",
    givenAt: "2027-02-09T12:00:00Z",
    number: { over: 4, device: "tablet", given: 9 },
  });
});

it.each([
  ["KEPT", { as: "saved", saved: { text: "crabs", number: 5 } }],
  ["OVERTAKEN", { as: "saved" }],
  ["CHANGED_ELSEWHERE", { as: "elsewhere", saved: { text: "herons", number: 5 } }],
  ["AFTER_END", { as: "apart" }],
  ["HANDED_IN", { as: "apart" }],
  ["TAKEN_BACK", { as: "apart" }],
])("what the server has kept as %s is %o", async (as, outcome) => {
  const saved = as === "CHANGED_ELSEWHERE" ? "herons" : undefined;
  says(200, { at: "2027-02-09T12:00:00Z", as, number: 5, saved });
  expect(await send(answer)).toEqual(outcome);
});

it("questions to look at again are sent as numbers, none as none", async () => {
  const asked = says(200, { number: 2 });
  expect(await send({ ...answer, kind: "flags", text: "7,8" })).toEqual({
    as: "saved",
    saved: { text: "7,8", number: 2 },
  });
  await send({ ...answer, kind: "flags", text: "" });
  const bodies = await Promise.all(asked.mock.calls.map(([request]) => request.json()));
  expect(bodies).toEqual([{ questions: [7, 8] }, { questions: [] }]);
});

it.each([
  [401, "signedOut"],
  [403, "signedOut"],
  [404, "refused"],
  [422, "refused"],
  [429, "unreached"],
  [500, "unreached"],
  [503, "unreached"],
])("what is answered with %i is %s", async (status, outcome) => {
  says(status, { code: "x", detail: "No." });
  expect(await send(answer)).toEqual({ as: outcome });
});

it("tries again where nobody answers, or something before Zafu does", async () => {
  server = () => Promise.reject(new TypeError("Failed to fetch"));
  expect(await send(answer)).toEqual({ as: "unreached" });
  server = async () => new Response("<h1>Bad gateway</h1>", { status: 502 });
  expect(await send(answer)).toEqual({ as: "unreached" });
});

it("gives up what nobody answers, so that it can be sent again", async () => {
  const asked = says(200, { at: "2027-02-09T12:00:00Z", as: "KEPT" });
  await send(answer);
  const request = asked.mock.calls[0]?.[0] as Request;
  expect(request.signal.aborted).toBe(false);
  const timeout = vi.spyOn(AbortSignal, "timeout");
  await send({ ...answer, kind: "written" });
  expect(timeout).toHaveBeenCalledWith(15_000);
});

it("a file that came after the end is apart, one in time is kept", async () => {
  const file: Entry = { ...answer, kind: "file", file: new Blob(["x"]), fileName: "map.png" };
  says(200, { handedIn: true });
  expect(await send(file)).toEqual({ as: "apart" });
  says(200, { handedIn: false });
  expect(await send(file)).toEqual({ as: "saved" });
});
