interface Heard {
  changed: (said: string) => void;
  /** The line is there again after it was gone: something may have changed meanwhile. */
  again: () => void;
}

const REST_MS = 45_000;

/**
 * Listens for news. A person who has many pages open is told "enough" on the oldest, which rests until it is looked at
 * again, or for a while where it is in sight. Answers how to stop.
 */
export function listen(address: string, heard: Heard): () => void {
  let news: EventSource | undefined;
  let opened = false;
  let later: ReturnType<typeof setTimeout> | undefined;
  const open = () => {
    news = new EventSource(address);
    news.addEventListener("changed", ({ data }: MessageEvent<string>) => heard.changed(data));
    news.addEventListener("open", () => {
      if (opened) {
        heard.again();
      }
      opened = true;
    });
    news.addEventListener("enough", rest);
  };
  const close = () => {
    clearTimeout(later);
    news?.close();
    news = undefined;
  };
  const rest = () => {
    close();
    // Pages that were left a moment ago still count; by then the server has noticed that they are gone.
    later = setTimeout(seen, REST_MS);
  };
  const seen = () => {
    if (document.visibilityState === "visible" && !news) {
      clearTimeout(later);
      open();
    }
  };
  open();
  document.addEventListener("visibilitychange", seen);
  return () => {
    document.removeEventListener("visibilitychange", seen);
    close();
  };
}
