import { useEffect } from "react";

/** Lets the students' pages open without a connection, and be put among the apps of a device. */
export function useInstalled() {
  useEffect(() => {
    if (import.meta.env.PROD && "serviceWorker" in navigator) {
      // Where it is not allowed everything still works, with a connection.
      navigator.serviceWorker.register("/sw.js").catch(() => undefined);
    }
  }, []);
}
