import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { listen } from "./listen";

let opened: Source[] = [];

class Source extends EventTarget {
  closed = false;
  constructor(readonly address: string) {
    super();
    opened.push(this);
  }
  close() {
    this.closed = true;
  }
}

beforeEach(() => {
  opened = [];
  vi.stubGlobal("EventSource", Source);
  vi.stubGlobal("document", Object.assign(new EventTarget(), { visibilityState: "visible" }));
});
afterEach(() => vi.unstubAllGlobals());

const quiet = { changed: () => {}, again: () => {} };

test("rests when it is told enough, until the page is looked at again", () => {
  listen("/news", quiet);
  opened[0]?.dispatchEvent(new Event("enough"));
  expect(opened[0]?.closed).toBe(true);
  document.dispatchEvent(new Event("visibilitychange"));
  expect(opened).toHaveLength(2);
});

test("a page in sight does not rest for ever", () => {
  vi.useFakeTimers();
  listen("/news", quiet);
  opened[0]?.dispatchEvent(new Event("enough"));
  vi.advanceTimersByTime(60_000);
  expect(opened).toHaveLength(2);
  vi.useRealTimers();
});

test("says that something may have changed while the line was down, and not at the first time", () => {
  const again = vi.fn();
  listen("/news", { ...quiet, again });
  opened[0]?.dispatchEvent(new Event("open"));
  expect(again).not.toHaveBeenCalled();
  opened[0]?.dispatchEvent(new Event("open"));
  expect(again).toHaveBeenCalledTimes(1);
});

test("a page that is left neither listens nor comes again", () => {
  listen("/news", quiet)();
  document.dispatchEvent(new Event("visibilitychange"));
  expect(opened).toHaveLength(1);
  expect(opened[0]?.closed).toBe(true);
});
