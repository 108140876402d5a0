import { type DBSchema, type IDBPDatabase, openDB } from "idb";
import { type Entry, newest, placeOf, replaces, type Saved } from "./entry";

/** What was given on this device and not sent yet, in the order given, and what the server is known to have. */
export interface Store {
  /** In place of what it {@link replaces}. */
  add(entry: Entry): Promise<void>;
  /** A name that this device made up for itself. */
  device(): Promise<string>;
  all(): Promise<Entry[]>;
  change(entry: Entry): Promise<void>;
  /** The server has it: it goes, what is saved is known, and what was given since rests on it. All of it or nothing. */
  acknowledge(entry: Entry, saved: Saved | undefined): Promise<void>;
  saved(studentId: number): Promise<ReadonlyMap<string, Saved>>;
  /** What the server said to have; older words do not replace newer ones. */
  learn(studentId: number, said: ReadonlyMap<string, Saved>): Promise<void>;
  /** Forgets what the server has: of one attempt, or of all. What was not sent stays. */
  forget(tryId?: number): Promise<void>;
}

interface SavedRow extends Saved {
  id: string;
  studentId: number;
  place: string;
}

interface Disk extends DBSchema {
  given: { key: number; value: Entry };
  saved: { key: string; value: SavedRow };
  about: { key: string; value: string };
}

const NAME = "zafu-outbox";
/** No disk of a device counts so far. */
const FIRST_BESIDES = 2 ** 50;

const ofTry = (place: string, tryId: number | undefined) =>
  tryId === undefined || place.startsWith(`${tryId} `);

/** What was given after an answer that is saved now was given with that answer in sight. */
function restsOn(entry: Entry, before: Entry, saved: Saved): Entry | undefined {
  const later = replaces(entry, before) && (entry.seq ?? 0) > (before.seq ?? 0);
  return later && entry.instead === undefined && entry.over < saved.number
    ? { ...entry, over: saved.number }
    : undefined;
}

/** On the disk of this device, so that it outlives the page and the browser. */
class DiskStore implements Store {
  constructor(
    private readonly db: IDBPDatabase<Disk>,
    private readonly name: string,
  ) {}

  async device() {
    return this.name;
  }

  async add(entry: Entry) {
    const change = this.db.transaction("given", "readwrite");
    for (const older of await change.store.getAll()) {
      if (older.seq !== undefined && replaces(entry, older)) {
        await change.store.delete(older.seq);
      }
    }
    await change.store.add({ ...entry, device: this.name });
    await change.done;
  }

  async all() {
    return this.db.getAll("given");
  }

  async change(entry: Entry) {
    await this.db.put("given", entry);
  }

  async acknowledge(entry: Entry, saved: Saved | undefined) {
    const change = this.db.transaction(["given", "saved"], "readwrite");
    await change.objectStore("given").delete(entry.seq ?? 0);
    if (saved) {
      const { studentId } = entry;
      const place = placeOf(entry);
      await change.objectStore("saved").put({ ...saved, id: `${studentId} ${place}`, studentId, place });
      for (const other of await change.objectStore("given").getAll()) {
        const rested = restsOn(other, entry, saved);
        if (rested) {
          await change.objectStore("given").put(rested);
        }
      }
    }
    await change.done;
  }

  async saved(studentId: number) {
    const all = await this.db.getAll("saved");
    return new Map(all.filter((row) => row.studentId === studentId).map((row) => [row.place, row]));
  }

  async learn(studentId: number, said: ReadonlyMap<string, Saved>) {
    const change = this.db.transaction("saved", "readwrite");
    for (const [place, saved] of said) {
      const id = `${studentId} ${place}`;
      const known = await change.store.get(id);
      if (newest(known, saved) === saved) {
        await change.store.put({ ...saved, id, studentId, place });
      }
    }
    await change.done;
  }

  async forget(tryId?: number) {
    const change = this.db.transaction("saved", "readwrite");
    for (const row of await change.store.getAll()) {
      if (ofTry(row.place, tryId)) {
        await change.store.delete(row.id);
      }
    }
    await change.done;
  }
}

/** Where the browser keeps nothing, as in some private windows: at least as long as the page is there. */
export class MemoryStore implements Store {
  private entries: Entry[] = [];
  private known = new Map<string, SavedRow>();
  private readonly name = crypto.randomUUID();

  constructor(private next = 1) {}

  async device() {
    return this.name;
  }

  async add(entry: Entry) {
    const added = { ...entry, seq: this.next++, device: this.name, fleeting: true };
    this.entries = [...this.entries.filter((older) => !replaces(entry, older)), added];
  }

  async all() {
    return this.entries;
  }

  async change(entry: Entry) {
    this.entries = this.entries.map((each) => (each.seq === entry.seq ? entry : each));
  }

  async acknowledge(entry: Entry, saved: Saved | undefined) {
    this.entries = this.entries.filter((each) => each.seq !== entry.seq);
    if (saved) {
      await this.learn(entry.studentId, new Map([[placeOf(entry), saved]]));
      this.entries = this.entries.map((each) => restsOn(each, entry, saved) ?? each);
    }
  }

  async saved(studentId: number) {
    const mine = [...this.known.values()].filter((row) => row.studentId === studentId);
    return new Map(mine.map((row) => [row.place, row]));
  }

  async learn(studentId: number, said: ReadonlyMap<string, Saved>) {
    for (const [place, saved] of said) {
      const id = `${studentId} ${place}`;
      if (newest(this.known.get(id), saved) === saved) {
        this.known.set(id, { ...saved, id, studentId, place });
      }
    }
  }

  async forget(tryId?: number) {
    for (const row of [...this.known.values()]) {
      if (ofTry(row.place, tryId)) {
        this.known.delete(row.id);
      }
    }
  }
}

/** What does not fit on the disk any more is at least there as long as the page is, and sent all the same. */
export class RoomyStore implements Store {
  private readonly besides: Store = new MemoryStore(FIRST_BESIDES);

  constructor(private readonly disk: Store) {}

  async device() {
    return this.disk.device();
  }

  async add(entry: Entry) {
    try {
      await this.disk.add(entry);
    } catch {
      await this.besides.add(entry);
    }
  }

  async all() {
    return [...(await this.disk.all()), ...(await this.besides.all())];
  }

  async change(entry: Entry) {
    await this.holding(entry).change(entry);
  }

  async acknowledge(entry: Entry, saved: Saved | undefined) {
    await this.holding(entry).acknowledge(entry, saved);
  }

  async saved(studentId: number) {
    const both = new Map(await this.disk.saved(studentId));
    for (const [place, saved] of await this.besides.saved(studentId)) {
      both.set(place, newest(both.get(place), saved) ?? saved);
    }
    return both;
  }

  async learn(studentId: number, said: ReadonlyMap<string, Saved>) {
    try {
      await this.disk.learn(studentId, said);
    } catch {
      await this.besides.learn(studentId, said);
    }
  }

  async forget(tryId?: number) {
    await this.disk.forget(tryId);
    await this.besides.forget(tryId);
  }

  private holding(entry: Entry): Store {
    return (entry.seq ?? 0) < FIRST_BESIDES ? this.disk : this.besides;
  }
}

export async function openStore(): Promise<Store> {
  try {
    const db = await openDB<Disk>(NAME, 2, {
      upgrade: (made, before) => {
        if (before < 1) {
          made.createObjectStore("given", { keyPath: "seq", autoIncrement: true });
        }
        made.createObjectStore("saved", { keyPath: "id" });
        made.createObjectStore("about");
      },
      blocking: (_, __, event) => (event.target as IDBDatabase).close(),
    });
    return new RoomyStore(new DiskStore(db, await nameOfDevice(db)));
  } catch {
    return new MemoryStore();
  }
}

/** Made up here; it says nothing but that two answers were given on the same device. */
async function nameOfDevice(db: IDBPDatabase<Disk>): Promise<string> {
  const change = db.transaction("about", "readwrite");
  const known = (await change.store.get("device")) ?? crypto.randomUUID();
  await change.store.put(known, "device");
  await change.done;
  return known;
}
