import { type Entry, isUnsent, placeOf, replaces, type Saved } from "./entry";
import type { Store } from "./store";

/** What the server said to something that was sent. */
export type Outcome =
  /** It has it, or something newer of this device; what it has, where it is numbered. */
  | { as: "saved"; saved?: Saved }
  /** Another device changed it, which the student had not seen. */
  | { as: "elsewhere"; saved: Saved }
  /** It has it, apart from the rest: the attempt was over, and a teacher decides. */
  | { as: "apart" }
  /** It will never take it. */
  | { as: "refused" }
  /** Nobody answered, or not sensibly. */
  | { as: "unreached" }
  /** Nobody is signed in, or somebody else. */
  | { as: "signedOut" };

export interface Waiting {
  /** Whether it is known what waits on this device; until then nothing may be claimed. */
  known: boolean;
  /** In the order given: what is not sent, what the student has to decide, what was refused. */
  entries: readonly Entry[];
  /** What the server is known to have, by place. */
  saved: ReadonlyMap<string, Saved>;
  /** Whether all entries are on this device and not only on their way to it. */
  arrived: boolean;
  unreached: boolean;
}

/** Pages of one browser share what waits: each tells the others of its changes. */
export interface Others {
  tell: () => void;
  hear: (heard: () => void) => void;
}

const FIRST_REST_MS = 1_000;
const LONGEST_REST_MS = 10_000;
const nobodyElse: Others = { tell: () => {}, hear: () => {} };

/**
 * Keeps what a student gives until the server has it: first on this device, then sent in the order given, one at a time,
 * and again until it is saved. One page of a browser sends at a time. What the server acknowledged is kept as well, so
 * that a page without a connection shows what is saved.
 */
export class Outbox {
  private waiting: Waiting = {
    known: false,
    entries: [],
    saved: new Map(),
    arrived: true,
    unreached: false,
  };
  private listeners = new Set<() => void>();
  private running: Promise<void> | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private rest = FIRST_REST_MS;
  private owner: number | null = null;
  /** Given, and not known to be on this device yet. */
  private arriving: readonly Entry[] = [];
  private arrived: Promise<unknown> = Promise.resolve();
  private looks = 0;

  constructor(
    private readonly store: Promise<Store>,
    private readonly send: (entry: Entry) => Promise<Outcome>,
    private readonly alone: (job: () => Promise<void>) => Promise<void>,
    private readonly onApart: (entry: Entry) => void = () => {},
    private readonly others: Others = nobodyElse,
  ) {
    others.hear(() => void this.look());
  }

  /** Whose things are sent from now on; nobody's where nobody is signed in. */
  belongsTo(studentId: number | null) {
    this.owner = studentId;
    void this.look().then(() => this.flush());
  }

  subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  now = () => this.waiting;

  /** Resolves when it is on this device; sending begins at once or, for what is still being typed, a moment later. */
  async give(entry: Entry, afterMs = 0) {
    this.arriving = [...this.arriving, entry];
    // From this moment on nothing may say that all is saved.
    this.show({ entries: withArriving(this.waiting.entries, [entry]), arrived: false });
    const added = this.store.then((store) => store.add(entry));
    this.arrived = Promise.all([this.arrived, added]);
    await added;
    this.arriving = this.arriving.filter((each) => each !== entry);
    await this.look();
    this.others.tell();
    this.later(afterMs);
  }

  /** What the server said to have in an attempt, by place. */
  async learn(studentId: number, said: ReadonlyMap<string, Saved>) {
    await (await this.store).learn(studentId, said);
    await this.look();
  }

  /** Of what was given here and changed elsewhere, this one is to count: it rests on what the student sees now. */
  async insist(entry: Entry) {
    const { instead, ...own } = entry;
    await this.changed({ ...own, over: instead?.number ?? own.over });
  }

  /** What was given here is not to count, or was shown to the teacher. */
  async drop(entry: Entry) {
    await (await this.store).acknowledge(entry, undefined);
    await this.look();
    this.others.tell();
  }

  /** An attempt is over: what the student did not decide goes to the teacher, and nothing of it stays here. */
  async close(tryId: number) {
    for (const entry of this.waiting.entries) {
      if (entry.tryId === tryId && entry.instead) {
        await this.insist(entry);
      }
    }
    await (await this.store).forget(tryId);
  }

  /** Nothing of what the server has stays on this device; what it does not have stays. */
  async forget() {
    await (await this.store).forget();
  }

  /** Whether news are of something that was given here: "mine", and the device that gave it where there is one. */
  async isOfThisDevice(news: string): Promise<boolean> {
    return news === `mine ${await (await this.store).device()}`;
  }

  /** Sends what waits. Resolves when nothing waits or the server cannot be reached. */
  flush = (): Promise<void> => {
    clearTimeout(this.timer);
    this.running ??= this.alone(() => this.sendAll()).finally(() => {
      this.running = null;
    });
    return this.running;
  };

  /** Resolves with whether the server has said its word to everything of an attempt. */
  async settled(tryId: number): Promise<boolean> {
    await this.arrived;
    await this.flush();
    await this.flush();
    return this.waiting.entries.every((entry) => entry.tryId !== tryId || !isUnsent(entry));
  }

  private later(ms: number) {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.flush(), ms);
  }

  private async sendAll() {
    for (;;) {
      const next = (await this.mine()).find(isUnsent);
      if (next === undefined) {
        this.rest = FIRST_REST_MS;
        await this.look({ unreached: false });
        return;
      }
      const outcome = await this.send(next);
      if (outcome.as === "unreached" || outcome.as === "signedOut") {
        await this.look({ unreached: outcome.as === "unreached" });
        if (outcome.as === "unreached") {
          this.later(this.rest);
          this.rest = Math.min(this.rest * 2, LONGEST_REST_MS);
        }
        return;
      }
      await this.heard(next, outcome);
      await this.look({ unreached: false });
      this.others.tell();
    }
  }

  private async heard(entry: Entry, outcome: Exclude<Outcome, { as: "unreached" | "signedOut" }>) {
    const store = await this.store;
    switch (outcome.as) {
      case "saved":
        return store.acknowledge(entry, outcome.saved);
      case "elsewhere":
        await store.learn(entry.studentId, new Map([[placeOf(entry), outcome.saved]]));
        return store.change({ ...entry, instead: outcome.saved });
      case "refused":
        return store.change({ ...entry, refused: true });
      case "apart":
        await store.acknowledge(entry, undefined);
        return this.onApart(entry);
    }
  }

  private async changed(entry: Entry) {
    await (await this.store).change(entry);
    await this.look();
    this.others.tell();
    this.later(0);
  }

  private async mine() {
    return (await (await this.store).all()).filter((entry) => entry.studentId === this.owner);
  }

  private async look(change: Partial<Waiting> = {}) {
    const round = ++this.looks;
    const stored = await this.mine();
    const saved = await (await this.store).saved(this.owner ?? 0);
    if (Object.keys(change).length > 0) {
      this.show(change);
    }
    // A look that began later has seen more.
    if (round === this.looks) {
      this.show({
        known: true,
        entries: withArriving(stored, this.arriving),
        arrived: this.arriving.length === 0,
        saved,
      });
    }
  }

  private show(change: Partial<Waiting>) {
    this.waiting = { ...this.waiting, ...change };
    for (const listener of this.listeners) {
      listener();
    }
  }
}

function withArriving(stored: readonly Entry[], arriving: readonly Entry[]): readonly Entry[] {
  return arriving.reduce(
    (all, entry) => [...all.filter((older) => older.key !== entry.key && !replaces(entry, older)), entry],
    stored,
  );
}
