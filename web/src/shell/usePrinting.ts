import { useEffect, useState } from "react";
import { flushSync } from "react-dom";

/** Whether the page is being put on paper, where what is out of sight on the screen must be drawn too. */
export function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    // The paper is drawn as soon as the listener returns, so it cannot wait for React's own time.
    const before = () => flushSync(() => setPrinting(true));
    const after = () => setPrinting(false);
    window.addEventListener("beforeprint", before);
    window.addEventListener("afterprint", after);
    return () => {
      window.removeEventListener("beforeprint", before);
      window.removeEventListener("afterprint", after);
    };
  }, []);
  return printing;
}
