import { onlineManager } from "@tanstack/react-query";
import { useSyncExternalStore } from "react";

const listen = (listener: () => void) => onlineManager.subscribe(listener);

/** Whether the device has a connection, as far as it knows. */
export function useOnline(): boolean {
  return useSyncExternalStore(listen, () => onlineManager.isOnline());
}
