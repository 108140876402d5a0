import { useEffect } from "react";

async function keepPage() {
  await navigator.serviceWorker.register("/sw.js");
  await navigator.serviceWorker.ready;
  // The page that is open came before there was anybody to keep it.
  await (await caches.open("zafu-page")).add("/my");
}

/** Lets the students' pages open without a connection, and be put among the apps of a device. */
export function useInstalled() {
  useEffect(() => {
    if (import.meta.env.PROD && "serviceWorker" in navigator) {
      // Where it is not allowed everything still works, with a connection.
      keepPage().catch(() => undefined);
    }
  }, []);
}
