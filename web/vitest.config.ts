import { defineConfig } from "vitest/config";

// Node.js 20 lacks this, and without it the test runner dies where it should say which test failed.
interface Grouped {
  groupBy?: <K, V>(items: Iterable<V>, key: (item: V) => K) => Map<K, V[]>;
}
(Map as Grouped).groupBy ??= (items, key) => {
  const groups = new Map();
  for (const item of items) {
    groups.set(key(item), [...(groups.get(key(item)) ?? []), item]);
  }
  return groups;
};

export default defineConfig({
  // Tests wait for what is to come, never for seconds; a slow machine is no failure.
  test: { include: ["src/**/*.test.{ts,tsx}"], testTimeout: 120_000, setupFiles: ["src/testing/words.ts"] },
});
