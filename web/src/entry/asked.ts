const KEY = "zafu-join-asked";

/** What this tab asked for is there again after a reload, so that a child who waits goes on waiting. */
export const asked = {
  read(): string | null {
    try {
      return sessionStorage.getItem(KEY);
    } catch {
      // A browser that keeps nothing: a reload asks anew.
      return null;
    }
  },
  keep(token: string) {
    try {
      sessionStorage.setItem(KEY, token);
    } catch {
      // As above.
    }
  },
  forget() {
    try {
      sessionStorage.removeItem(KEY);
    } catch {
      // As above.
    }
  },
};
