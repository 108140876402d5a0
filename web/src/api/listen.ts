interface Heard {
  changed: (said: string) => void;
  /** The line is there again after it was gone: something may have changed meanwhile. */
  again: () => void;
}

/**
 * Listens for news. A person who has many pages open is told "enough" on the oldest, which rests until it is looked at
 * again. Answers how to stop.
 */
export function listen(address: string, heard: Heard): () => void {
  let news: EventSource | undefined;
  let opened = false;
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
  const rest = () => {
    news?.close();
    news = undefined;
  };
  const seen = () => {
    if (document.visibilityState === "visible" && !news) {
      open();
    }
  };
  open();
  document.addEventListener("visibilitychange", seen);
  return () => {
    document.removeEventListener("visibilitychange", seen);
    rest();
  };
}
