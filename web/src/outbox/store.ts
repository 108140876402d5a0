import { type IDBPDatabase, openDB } from "idb";
import { type Entry, replaces } from "./entry";

/** What was given and not sent yet, in the order in which it was given. */
export interface Store {
  add(entry: Entry): Promise<void>;
  all(): Promise<Entry[]>;
  remove(seq: number): Promise<void>;
}

const NAME = "zafu-outbox";
const GIVEN = "given";
/** No disk of a device counts so far. */
const FIRST_BESIDES = 2 ** 50;

/** On the disk of this device, so that it outlives the page and the browser. */
class DiskStore implements Store {
  constructor(private readonly db: IDBPDatabase) {}

  async add(entry: Entry) {
    const change = this.db.transaction(GIVEN, "readwrite");
    for (const older of (await change.store.getAll()) as Entry[]) {
      if (older.seq !== undefined && replaces(entry, older)) {
        await change.store.delete(older.seq);
      }
    }
    await change.store.add(entry);
    await change.done;
  }

  async all() {
    return (await this.db.getAll(GIVEN)) as Entry[];
  }

  async remove(seq: number) {
    await this.db.delete(GIVEN, seq);
  }
}

/** Where the browser keeps nothing, as in some private windows: at least as long as the page is there. */
export class MemoryStore implements Store {
  private entries: Entry[] = [];

  constructor(private next = 1) {}

  async add(entry: Entry) {
    this.entries = [
      ...this.entries.filter((older) => !replaces(entry, older)),
      { ...entry, seq: this.next++ },
    ];
  }

  async all() {
    return this.entries;
  }

  async remove(seq: number) {
    this.entries = this.entries.filter((entry) => entry.seq !== seq);
  }
}

/** What does not fit on the disk any more is at least kept as long as the page is there, and sent all the same. */
export class RoomyStore implements Store {
  private readonly besides: Store = new MemoryStore(FIRST_BESIDES);

  constructor(private readonly disk: Store) {}

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

  async remove(seq: number) {
    await (seq < FIRST_BESIDES ? this.disk : this.besides).remove(seq);
  }
}

export async function openStore(): Promise<Store> {
  try {
    const db = await openDB(NAME, 1, {
      upgrade: (made) => {
        made.createObjectStore(GIVEN, { keyPath: "seq", autoIncrement: true });
      },
    });
    return new RoomyStore(new DiskStore(db));
  } catch {
    return new MemoryStore();
  }
}
