import { type Entry, placeOf, replaces } from "./entry";
import type { Store } from "./store";

/** What the server said to something that was sent. */
export type Outcome =
  /** It has it. */
  | "kept"
  /** It has it, apart from the rest: the try was over, and a teacher decides. */
  | "apart"
  /** It will never take it. */
  | "refused"
  /** Nobody answered, or not sensibly. */
  | "unreached"
  /** Nobody is signed in, or somebody else. */
  | "signedOut";

export interface Waiting {
  entries: readonly Entry[];
  /** When the server was known to have the newest answer to a question, by {@link placeOf}; milliseconds of this page. */
  sent: ReadonlyMap<string, number>;
  unreached: boolean;
  /** What the server will not take; told to the student, who tells the teacher. */
  refused: readonly Entry[];
}

const FIRST_REST_MS = 1_000;
const LONGEST_REST_MS = 10_000;

/**
 * Keeps what a student gives until the server has it: first on this device, then sent in the order given, one at a time,
 * and again until it is kept. One page of a browser sends at a time.
 */
export class Outbox {
  private waiting: Waiting = { entries: [], sent: new Map(), unreached: false, refused: [] };
  private listeners = new Set<() => void>();
  private running: Promise<void> | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private rest = FIRST_REST_MS;
  private owner: number | null = null;
  /** Given, and not known to be on this device yet. */
  private arriving: readonly Entry[] = [];
  private arrived: Promise<unknown> = Promise.resolve();

  constructor(
    private readonly store: Promise<Store>,
    private readonly send: (entry: Entry) => Promise<Outcome>,
    private readonly alone: (job: () => Promise<void>) => Promise<void>,
    private readonly onApart: (entry: Entry) => void = () => {},
  ) {}

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
    // From this moment on nothing may say that all is kept.
    this.show({ entries: withArriving(this.waiting.entries, [entry]) });
    const added = this.store.then((store) => store.add(entry));
    this.arrived = Promise.all([this.arrived, added]);
    await added;
    this.arriving = this.arriving.filter((each) => each !== entry);
    await this.look();
    this.later(afterMs);
  }

  /** Sends what waits. Resolves when nothing waits or the server cannot be reached. */
  flush = (): Promise<void> => {
    clearTimeout(this.timer);
    this.running ??= this.alone(() => this.sendAll()).finally(() => {
      this.running = null;
    });
    return this.running;
  };

  /** Resolves with whether everything of a try is kept by the server. */
  async settled(tryId: number): Promise<boolean> {
    await this.arrived;
    await this.flush();
    await this.flush();
    return this.waiting.entries.every((entry) => entry.tryId !== tryId);
  }

  private later(ms: number) {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.flush(), ms);
  }

  private async sendAll() {
    for (;;) {
      const next = (await this.mine())[0];
      if (next?.seq === undefined) {
        this.rest = FIRST_REST_MS;
        await this.look({ unreached: false });
        return;
      }
      const outcome = await this.send(next);
      if (outcome === "unreached" || outcome === "signedOut") {
        await this.look({ unreached: outcome === "unreached" });
        if (outcome === "unreached") {
          this.later(this.rest);
          this.rest = Math.min(this.rest * 2, LONGEST_REST_MS);
        }
        return;
      }
      await (await this.store).remove(next.seq);
      if (outcome === "apart") {
        this.onApart(next);
      }
      const refused = outcome === "refused" ? [...this.waiting.refused, next] : this.waiting.refused;
      const sent = new Map(this.waiting.sent).set(placeOf(next), performance.now());
      await this.look({ unreached: false, refused, sent });
    }
  }

  private async mine() {
    return (await (await this.store).all()).filter((entry) => entry.studentId === this.owner);
  }

  private async look(change: Partial<Waiting> = {}) {
    const stored = await this.mine();
    this.show({ ...change, entries: withArriving(stored, this.arriving) });
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
