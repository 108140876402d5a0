import { describe, expect, it } from "vitest";
import { type Entry, inSight, placeOf } from "./entry";
import { type Others, Outbox, type Outcome } from "./outbox";
import { MemoryStore, RoomyStore, type Store } from "./store";

const at = "2027-02-09T12:00:00Z";
const entry = (questionId: number, text: string, more: Partial<Entry> = {}): Entry => ({
  key: `${questionId}-${text}`,
  studentId: 7,
  tryId: 1,
  kind: "answer",
  questionId,
  text,
  givenAt: at,
  over: 0,
  ...more,
});
const placed = (questionId: number) => placeOf(entry(questionId, ""));
const saved: Outcome = { as: "saved" };

/** A server that answers what it is told to, then that it has it. */
async function server(answers: Outcome[] = [], store: Store = new MemoryStore(), others?: Others) {
  const got: Entry[] = [];
  const apart: string[] = [];
  const box = new Outbox(
    Promise.resolve(store),
    async (one) => {
      const answer = answers.shift() ?? saved;
      if (answer.as !== "unreached" && answer.as !== "signedOut") {
        got.push(one);
      }
      return answer;
    },
    (job) => job(),
    (one) => apart.push(one.key),
    others,
  );
  box.belongsTo(7);
  // What a page finds waiting is sent first.
  await box.settled(0);
  return { box, got, keys: () => got.map((one) => one.key), apart };
}

describe("what a student gives", () => {
  it("is sent in the order given, each once", async () => {
    const { box, keys } = await server();
    await box.give(entry(1, "a"), 1e6);
    await box.give(entry(2, "b"), 1e6);
    await box.give(entry(3, "c"), 1e6);
    await box.flush();
    expect(keys()).toEqual(["1-a", "2-b", "3-c"]);
    expect(box.now().entries).toEqual([]);
  });

  it("is only the newest of one question, in its newest place", async () => {
    const { box, keys } = await server();
    await box.give(entry(1, "a"), 1e6);
    await box.give(entry(2, "b"), 1e6);
    await box.give(entry(1, "c"), 1e6);
    await box.flush();
    expect(keys()).toEqual(["2-b", "1-c"]);
  });

  it("stays, and is said to wait, while nobody answers", async () => {
    const { box, keys } = await server([{ as: "unreached" }]);
    await box.give(entry(1, "a"), 1e6);
    await box.flush();
    expect(keys()).toEqual([]);
    expect(box.now().unreached).toBe(true);
    expect(box.now().entries).toHaveLength(1);
    expect(await box.settled(1)).toBe(true);
    expect(keys()).toEqual(["1-a"]);
    expect(box.now().unreached).toBe(false);
  });

  it("stays for its own student while somebody else is signed in", async () => {
    const { box, keys } = await server();
    await box.give(entry(1, "a"), 1e6);
    box.belongsTo(8);
    await box.flush();
    expect(keys()).toEqual([]);
    box.belongsTo(7);
    await box.flush();
    expect(await box.settled(1)).toBe(true);
    expect(keys()).toEqual(["1-a"]);
  });

  it("stays when the sign-in has ended", async () => {
    const { box } = await server([{ as: "signedOut" }]);
    await box.give(entry(1, "a"), 1e6);
    await box.flush();
    expect(box.now().entries).toHaveLength(1);
    expect(box.now().unreached).toBe(false);
  });

  it("that came too late is told, and does not hold up the rest", async () => {
    const { box, keys, apart } = await server([{ as: "apart" }, { as: "refused" }]);
    await box.give(entry(1, "a"), 1e6);
    await box.give(entry(2, "b"), 1e6);
    await box.give(entry(3, "c"), 1e6);
    await box.flush();
    expect(keys()).toEqual(["1-a", "2-b", "3-c"]);
    expect(apart).toEqual(["1-a"]);
  });

  it("and is refused stays to be shown to the teacher, until it was, and is not sent again", async () => {
    const store = new MemoryStore();
    const { box } = await server([{ as: "refused" }], store);
    await box.give(entry(2, "b"), 1e6);
    await box.flush();
    expect(box.now().entries.map((one) => [one.key, one.refused])).toEqual([["2-b", true]]);
    const later = await server([], store);
    expect(later.box.now().entries).toHaveLength(1);
    expect(later.got).toEqual([]);
    await later.box.drop(later.box.now().entries[0] as Entry);
    expect(later.box.now().entries).toEqual([]);
  });

  it("is never said to be saved before it is on the device", async () => {
    const { box } = await server();
    const given = box.give(entry(1, "a"), 1e6);
    expect(box.now().entries.map((one) => one.key)).toEqual(["1-a"]);
    expect(box.now().arrived).toBe(false);
    expect(await box.settled(1)).toBe(true);
    await given;
    expect(box.now().entries).toEqual([]);
    expect(box.now().arrived).toBe(true);
  });

  it("is sent all the same where the disk of the device is full", async () => {
    const disk = new MemoryStore();
    const store = new RoomyStore(disk);
    await store.add(entry(1, "a"));
    disk.add = () => Promise.reject(new DOMException("no room", "QuotaExceededError"));
    await store.add(entry(2, "b"));
    const all = await store.all();
    expect(all.map((one) => one.key)).toEqual(["1-a", "2-b"]);
    expect(new Set(all.map((one) => one.device)).size).toBe(2);
    for (const one of all) {
      await store.acknowledge(one, undefined);
    }
    expect(await store.all()).toEqual([]);
  });

  it("in a file stands beside other files", async () => {
    const { box, keys } = await server();
    const file = { kind: "file", questionId: undefined } as const;
    await box.give(entry(0, "x", { ...file, key: "first" }), 1e6);
    await box.give(entry(0, "y", { ...file, key: "second" }), 1e6);
    await box.flush();
    expect(keys()).toEqual(["first", "second"]);
  });
});

describe("what the server has", () => {
  const has = (text: string, number: number): Outcome => ({ as: "saved", saved: { text, number } });

  it("is known on this device the moment it is acknowledged, and after a reload", async () => {
    const store = new MemoryStore();
    const { box } = await server([has("crabs", 3)], store);
    await box.give(entry(1, "crabs"), 1e6);
    await box.flush();
    const reloaded = await server([{ as: "unreached" }], store);
    const { entries, saved: known } = reloaded.box.now();
    expect(inSight(placed(1), entries, known, { text: "", number: 0 })).toEqual({ text: "crabs", over: 3 });
  });

  it("is never replaced by older words of it", async () => {
    const { box } = await server([has("crabs", 3)]);
    await box.give(entry(1, "crabs"), 1e6);
    await box.flush();
    await box.learn(7, new Map([[placed(1), { text: "cr", number: 2 }]]));
    expect(box.now().saved.get(placed(1))).toMatchObject({ text: "crabs", number: 3 });
    await box.learn(7, new Map([[placed(1), { text: "herons", number: 4 }]]));
    expect(box.now().saved.get(placed(1))).toMatchObject({ text: "herons", number: 4 });
  });

  it("is what later words of the same page rest on, though they were typed before it was acknowledged", async () => {
    let answer: (outcome: Outcome) => void = () => {};
    const got: Entry[] = [];
    const box = new Outbox(
      Promise.resolve(new MemoryStore()),
      (one) => {
        got.push(one);
        return new Promise((resolve) => {
          answer = resolve;
        });
      },
      (job) => job(),
    );
    box.belongsTo(7);
    await box.give(entry(1, "cr"), 1e6);
    const sending = box.flush();
    await Promise.resolve();
    await box.give(entry(1, "crabs"), 1e6);
    while (got.length === 0) {
      await Promise.resolve();
    }
    answer(has("cr", 1));
    while (got.length === 1) {
      await new Promise((soon) => setTimeout(soon));
    }
    answer(has("crabs", 2));
    await sending;
    expect(got.map((one) => [one.text, one.over])).toEqual([
      ["cr", 0],
      ["crabs", 1],
    ]);
    expect(box.now().saved.get(placed(1))).toMatchObject({ text: "crabs", number: 2 });
  });

  it("of an attempt that is over does not stay on this device", async () => {
    const { box } = await server([has("crabs", 3)]);
    await box.give(entry(1, "crabs"), 1e6);
    await box.flush();
    await box.close(1);
    await box.learn(7, new Map());
    expect(box.now().saved.size).toBe(0);
  });
});

describe("an answer that another device changed meanwhile", () => {
  const changed: Outcome = { as: "elsewhere", saved: { text: "herons", number: 4 } };

  async function inConflict() {
    const made = await server([changed]);
    await made.box.give(entry(1, "crabs", { over: 2 }), 1e6);
    await made.box.flush();
    return made;
  }

  it("is not sent again by itself; what is saved is in sight", async () => {
    const { box, got } = await inConflict();
    await box.flush();
    expect(got).toHaveLength(1);
    const { entries, saved: known } = box.now();
    expect(inSight(placed(1), entries, known, undefined)).toEqual({ text: "herons", over: 4 });
    expect(entries[0]?.instead).toMatchObject({ text: "herons", number: 4 });
    expect(await box.settled(1)).toBe(true);
  });

  it("counts when the student says so", async () => {
    const { box, got } = await inConflict();
    await box.insist(box.now().entries[0] as Entry);
    expect(await box.settled(1)).toBe(true);
    expect(got[1]).toMatchObject({ text: "crabs", over: 4 });
    expect(box.now().entries).toEqual([]);
  });

  it("goes when the student keeps the other, or answers anew", async () => {
    const kept = await inConflict();
    await kept.box.drop(kept.box.now().entries[0] as Entry);
    expect(kept.box.now().entries).toEqual([]);
    const anew = await inConflict();
    await anew.box.give(entry(1, "mussels", { over: 4 }), 1e6);
    expect(anew.box.now().entries.map((one) => one.text)).toEqual(["mussels"]);
  });

  it("goes to the teacher when the attempt is over", async () => {
    const { box, got } = await inConflict();
    await box.close(1);
    await box.settled(1);
    expect(got[1]).toMatchObject({ text: "crabs" });
  });
});

it("two pages of one browser show the same", async () => {
  const listeners: (() => void)[] = [];
  const page = (): Others => {
    let mine: () => void = () => {};
    return {
      tell: () => {
        for (const each of listeners) {
          if (each !== mine) {
            each();
          }
        }
      },
      hear: (heard) => {
        mine = heard;
        listeners.push(heard);
      },
    };
  };
  const store = new MemoryStore();
  const one = await server([], store, page());
  const other = await server([], store, page());
  await one.box.give(entry(1, "crabs"), 1e6);
  await other.box.settled(0);
  expect(one.box.now().entries).toEqual(other.box.now().entries);
});
