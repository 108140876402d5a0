import { useSyncExternalStore } from "react";
import { queryClient } from "../api/queryClient";
import { onBack } from "../shell/onBack";
import { type Others, Outbox, type Waiting } from "./outbox";
import { send } from "./send";
import { openStore } from "./store";

/** Two pages of one browser share what waits; only one of them sends at a time. */
async function alone(job: () => Promise<void>): Promise<void> {
  if (!("locks" in navigator)) {
    return job();
  }
  await navigator.locks.request("zafu-outbox", job);
}

function otherPages(): Others {
  if (!("BroadcastChannel" in window)) {
    return { tell: () => {}, hear: () => {} };
  }
  const channel = new BroadcastChannel("zafu-outbox");
  return {
    tell: () => channel.postMessage("changed"),
    hear: (heard) => channel.addEventListener("message", heard),
  };
}

/** This browser's. */
export const outbox = new Outbox(
  openStore(),
  send,
  alone,
  (entry) => {
    queryClient.invalidateQueries({ queryKey: ["my", "try", entry.tryId] });
    queryClient.invalidateQueries({ queryKey: ["my", "work"] });
  },
  otherPages(),
);

onBack(() => void outbox.flush());

export function useWaiting(): Waiting {
  return useSyncExternalStore(outbox.subscribe, outbox.now);
}
