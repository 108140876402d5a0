import Box from "@mui/material/Box";
import { useOnline } from "./useOnline";
import { words } from "./words";

export function Waiting() {
  const online = useOnline();
  return (
    <Box role="status" sx={{ p: 4, color: "var(--z-soft)" }}>
      {online ? words.waiting : words.waitingOffline}
    </Box>
  );
}
