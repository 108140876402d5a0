import { describe, expect, it } from "vitest";
import { answersOver, type Entry, newerThan } from "./entry";
import { Outbox, type Outcome } from "./outbox";
import { MemoryStore, RoomyStore } from "./store";

const at = "2027-02-09T12:00:00Z";
const entry = (questionId: number, text: string, more: Partial<Entry> = {}): Entry => ({
  key: `${questionId}-${text}`,
  studentId: 7,
  tryId: 1,
  kind: "answer",
  questionId,
  text,
  givenAt: at,
  ...more,
});

/** A server that answers what it is told to, then that it has it. */
async function server(...answers: Outcome[]) {
  const got: string[] = [];
  const apart: string[] = [];
  const box = new Outbox(
    Promise.resolve(new MemoryStore()),
    async (one) => {
      const answer = answers.shift() ?? "kept";
      if (answer !== "unreached" && answer !== "signedOut") {
        got.push(one.key);
      }
      return answer;
    },
    (job) => job(),
    (one) => apart.push(one.key),
  );
  box.belongsTo(7);
  // What a page finds waiting is sent first.
  await box.settled(0);
  return { box, got, apart };
}

describe("what a student gives", () => {
  it("is sent in the order given, each once", async () => {
    const { box, got } = await server();
    await box.give(entry(1, "a"), 1e6);
    await box.give(entry(2, "b"), 1e6);
    await box.give(entry(3, "c"), 1e6);
    await box.flush();
    expect(got).toEqual(["1-a", "2-b", "3-c"]);
    expect(box.now().entries).toEqual([]);
  });

  it("is only the newest of one question, in its newest place", async () => {
    const { box, got } = await server();
    await box.give(entry(1, "a"), 1e6);
    await box.give(entry(2, "b"), 1e6);
    await box.give(entry(1, "c"), 1e6);
    await box.flush();
    expect(got).toEqual(["2-b", "1-c"]);
  });

  it("stays, and is said to wait, while nobody answers", async () => {
    const { box, got } = await server("unreached");
    await box.give(entry(1, "a"), 1e6);
    await box.flush();
    expect(got).toEqual([]);
    expect(box.now().unreached).toBe(true);
    expect(box.now().entries).toHaveLength(1);
    expect(await box.settled(1)).toBe(true);
    expect(got).toEqual(["1-a"]);
    expect(box.now().unreached).toBe(false);
  });

  it("stays for its own student while somebody else is signed in", async () => {
    const { box, got } = await server();
    await box.give(entry(1, "a"), 1e6);
    box.belongsTo(8);
    await box.flush();
    expect(got).toEqual([]);
    box.belongsTo(7);
    await box.flush();
    expect(await box.settled(1)).toBe(true);
    expect(got).toEqual(["1-a"]);
  });

  it("stays when the sign-in has ended", async () => {
    const { box } = await server("signedOut");
    await box.give(entry(1, "a"), 1e6);
    await box.flush();
    expect(box.now().entries).toHaveLength(1);
    expect(box.now().unreached).toBe(false);
  });

  it("that came too late is told, and does not hold up the rest", async () => {
    const { box, got, apart } = await server("apart", "refused");
    await box.give(entry(1, "a"), 1e6);
    await box.give(entry(2, "b"), 1e6);
    await box.give(entry(3, "c"), 1e6);
    await box.flush();
    expect(got).toEqual(["1-a", "2-b", "3-c"]);
    expect(apart).toEqual(["1-a"]);
    expect(box.now().refused.map((one) => one.key)).toEqual(["2-b"]);
  });

  it("is never said to be kept before it is on the device", async () => {
    const { box } = await server();
    const given = box.give(entry(1, "a"), 1e6);
    expect(box.now().entries.map((one) => one.key)).toEqual(["1-a"]);
    expect(await box.settled(1)).toBe(true);
    await given;
    expect(box.now().entries).toEqual([]);
  });

  it("is sent all the same where the disk of the device is full", async () => {
    const disk = new MemoryStore();
    const store = new RoomyStore(disk);
    await store.add(entry(1, "a"));
    disk.add = () => Promise.reject(new DOMException("no room", "QuotaExceededError"));
    await store.add(entry(2, "b"));
    const all = await store.all();
    expect(all.map((one) => one.key)).toEqual(["1-a", "2-b"]);
    for (const one of all) {
      await store.remove(one.seq ?? 0);
    }
    expect(await store.all()).toEqual([]);
  });

  it("in a file stands beside other files", async () => {
    const { box, got } = await server();
    const file = { kind: "file", questionId: undefined } as const;
    await box.give(entry(0, "x", { ...file, key: "first" }), 1e6);
    await box.give(entry(0, "y", { ...file, key: "second" }), 1e6);
    await box.flush();
    expect(got).toEqual(["first", "second"]);
  });
});

describe("answers given on this page", () => {
  const own = new Map([[3, { text: "moon", running: 100 }]]);

  it("stay in sight while what the server said was asked before it had them", () => {
    const sent = new Map([["1 3", 250]]);
    expect([...newerThan(200, 1, own, sent)]).toEqual([[3, "moon"]]);
    expect([...newerThan(200, 1, own, new Map())]).toEqual([[3, "moon"]]);
    expect([...newerThan(50, 1, own, sent)]).toEqual([[3, "moon"]]);
  });

  it("give way to what the server said when it was asked afterwards", () => {
    expect([...newerThan(300, 1, own, new Map([["1 3", 250]]))]).toEqual([]);
  });

  it("are noted as sent when they are", async () => {
    const { box } = await server();
    await box.give(entry(3, "a"), 1e6);
    expect(box.now().sent.has("1 3")).toBe(false);
    await box.flush();
    expect(box.now().sent.has("1 3")).toBe(true);
  });
});

describe("answers that wait", () => {
  it("are laid over what the server had", () => {
    const known = new Map([
      [1, "old"],
      [2, "kept"],
    ]);
    const over = answersOver(known, [entry(1, "new"), entry(9, "w", { kind: "written" })]);
    expect([...over]).toEqual([
      [1, "new"],
      [2, "kept"],
    ]);
  });
});
