/** When this page heard something, by clocks of the device that a changed date does and does not move. */
export interface Heard {
  /** Milliseconds since the page began; a changed date does not move it, the sleep of some devices does. */
  running: number;
  /** The date of the device, which a person may change. */
  date: number;
  /** Which page it was. */
  page: number;
}

export function stamped<T extends object>(heard: T): T & { heard: Heard } {
  return {
    ...heard,
    heard: { running: performance.now(), date: Date.now(), page: performance.timeOrigin },
  };
}

/** Milliseconds since then: of the same page by the clock that nobody can change, else by the device's date. */
export function since(heard: Heard, running: number, date: number, page: number): number {
  return heard.page === page ? running - heard.running : Math.max(0, date - heard.date);
}

export function elapsed(heard: Heard): number {
  return since(heard, performance.now(), Date.now(), performance.timeOrigin);
}

/** Whether the device slept, or its date was changed: its two clocks do not agree. */
export function disagree(heard: Heard, running: number, date: number): boolean {
  return Math.abs(date - heard.date - (running - heard.running)) > 2_000;
}
