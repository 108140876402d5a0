import Box from "@mui/material/Box";
import { onlineManager } from "@tanstack/react-query";
import { useSyncExternalStore } from "react";
import { words } from "./words";

export function Waiting() {
  const online = useSyncExternalStore(
    (listener) => onlineManager.subscribe(listener),
    () => onlineManager.isOnline(),
  );
  return (
    <Box role="status" sx={{ p: 4, color: "var(--z-soft)" }}>
      {online ? words.waiting : words.waitingOffline}
    </Box>
  );
}
