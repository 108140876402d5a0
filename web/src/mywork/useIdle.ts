import { useEffect, useState } from "react";

/** Not sooner than the page is seen; where a browser does not tell, shortly after. */
const SOON_MS = 1_000;

/** Whether the page has been painted and there is time for what nobody waits for. */
export function useIdle(): boolean {
  const [idle, setIdle] = useState(false);
  useEffect(() => {
    const begin = () => setIdle(true);
    if (typeof window.requestIdleCallback !== "function") {
      const timer = setTimeout(begin, SOON_MS);
      return () => clearTimeout(timer);
    }
    const asked = window.requestIdleCallback(begin, { timeout: SOON_MS });
    return () => window.cancelIdleCallback(asked);
  }, []);
  return idle;
}
