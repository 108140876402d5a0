import Box from "@mui/material/Box";
import { useSyncExternalStore } from "react";
import { useWaiting } from "../outbox/mine";
import { words } from "./words";

/** Says that there is no connection, from when what is shown is, and that what was given is safe. */
export function Connection({ seenAt }: { seenAt: number }) {
  const online = useSyncExternalStore(subscribe, () => navigator.onLine);
  const { entries } = useWaiting();
  if (online && entries.length === 0) {
    return null;
  }
  const time = new Date(seenAt).toLocaleTimeString("en-CA", { hour: "numeric", minute: "2-digit" });
  return (
    <Box
      role="status"
      sx={{ p: 1.5, borderRadius: "12px", bgcolor: "var(--z-saffronWash)", color: "var(--z-saffron)", mb: 1 }}
    >
      {!online && <Box>{words.asOf(time)}</Box>}
      {entries.length > 0 && <Box>{words.unsent(entries.length)}</Box>}
    </Box>
  );
}

function subscribe(listener: () => void) {
  window.addEventListener("online", listener);
  window.addEventListener("offline", listener);
  return () => {
    window.removeEventListener("online", listener);
    window.removeEventListener("offline", listener);
  };
}
