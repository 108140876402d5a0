import type { Query } from "@tanstack/react-query";
import type {
  PersistedClient,
  Persister,
  PersistQueryClientOptions,
} from "@tanstack/react-query-persist-client";
import { type DBSchema, type IDBPDatabase, openDB } from "idb";
import type { Schemas } from "./client";

interface Shown extends DBSchema {
  shown: { key: string; value: PersistedClient };
}

const KEY = "mine";
let opened: Promise<IDBPDatabase<Shown> | undefined> | undefined;

/** A browser that keeps nothing shows nothing without a connection; nothing else is amiss. */
function database() {
  opened ??= openDB<Shown>("zafu-shown", 1, {
    upgrade: (made) => {
      made.createObjectStore("shown");
    },
  }).catch(() => undefined);
  return opened;
}

/** What a student was last shown, kept on this device so that it opens without a connection. */
export const persister: Persister = {
  persistClient: async (client) => {
    await (await database())?.put("shown", client, KEY);
  },
  restoreClient: async () => (await database())?.get("shown", KEY),
  removeClient: async () => {
    await (await database())?.delete("shown", KEY);
  },
};

/** Nothing of what was shown stays on this device. */
export async function forgetMine() {
  await persister.removeClient();
}

const A_WEEK_MS = 7 * 24 * 60 * 60 * 1000;

/** Only what a student sees of their own is kept, never what a teacher sees. */
export const shownToStudents: Omit<PersistQueryClientOptions, "queryClient"> = {
  persister,
  maxAge: A_WEEK_MS,
  buster: "2",
  dehydrateOptions: {
    shouldDehydrateQuery: (query) =>
      query.state.status === "success" && (query.queryKey[0] === "my" || isStudent(query)),
    shouldDehydrateMutation: () => false,
  },
};

function isStudent(query: Query): boolean {
  return query.queryKey[0] === "session" && (query.state.data as Schemas["Session"]).who === "STUDENT";
}
