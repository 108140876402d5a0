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
  private next = 1;

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

export async function openStore(): Promise<Store> {
  try {
    const db = await openDB(NAME, 1, {
      upgrade: (made) => {
        made.createObjectStore(GIVEN, { keyPath: "seq", autoIncrement: true });
      },
    });
    return new DiskStore(db);
  } catch {
    return new MemoryStore();
  }
}
