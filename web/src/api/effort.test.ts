import { afterEach, expect, test, vi } from "vitest";
import { askWithEffort } from "./askWithEffort";
import { effortDone } from "./effort";

afterEach(() => vi.unstubAllGlobals());

async function zeroBits(shown: string): Promise<number> {
  const digest = await crypto.subtle.digest("SHA-256", new TextEncoder().encode(shown));
  const bits = [...new Uint8Array(digest)].map((byte) => byte.toString(2).padStart(8, "0")).join("");
  return bits.indexOf("1");
}

test.each([1, 8, 12])("finds what begins with %i zero bits", async (bits) => {
  const shown = await effortDone(`about.${bits}.99.chance.seal`);
  expect(shown).toMatch(/^about\.\d+\.99\.chance\.seal:\d+$/);
  expect(await zeroBits(shown)).toBeGreaterThanOrEqual(bits);
});

function asked(): Request {
  return new Request("http://zafu.example/api/sign-in/adult", {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify({ name: "ottoline" }),
  });
}

test("asks again with the effort that was wanted, and the same words", async () => {
  const answers = [
    Response.json({ code: "effort-first", effort: "a.4.99.c.s" }, { status: 429 }),
    Response.json({ who: "ADULT" }),
  ];
  const bodies: string[] = [];
  const shown: (string | null)[] = [];
  vi.stubGlobal("fetch", async (request: Request) => {
    bodies.push(await request.text());
    shown.push(request.headers.get("X-Zafu-Effort"));
    return answers.shift();
  });
  expect((await askWithEffort(asked())).status).toBe(200);
  expect(bodies).toEqual(['{"name":"ottoline"}', '{"name":"ottoline"}']);
  expect(shown[0]).toBeNull();
  expect(shown[1]).toMatch(/^a\.4\.99\.c\.s:\d+$/);
});

test("what is too often for another reason stays so", async () => {
  const fetched = vi.fn(async () => Response.json({ code: "too-often" }, { status: 429 }));
  vi.stubGlobal("fetch", fetched);
  expect((await askWithEffort(asked())).status).toBe(429);
  expect(fetched).toHaveBeenCalledTimes(1);
});
