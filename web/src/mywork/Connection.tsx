import Box from "@mui/material/Box";
import dayjs from "dayjs";
import { useWaiting } from "../outbox/mine";
import { spell } from "../shell/dates";
import { useOnline } from "../shell/useOnline";
import { words } from "./words";

/** Says that there is no connection, from when what is shown is, and that what was given is safe. */
export function Connection({ seenAt }: { seenAt: number }) {
  const online = useOnline();
  const { entries } = useWaiting();
  if (online && entries.length === 0) {
    return null;
  }
  const time = spell(dayjs(seenAt), "clock");
  return (
    <Box
      role="status"
      sx={{ p: 1.5, borderRadius: "12px", bgcolor: "var(--z-saffronWash)", color: "var(--z-saffron)", mb: 1 }}
    >
      {!online && <Box>{words.asOf(time)}</Box>}
      {entries.length > 0 && <Box>{words.unsent({ count: entries.length })}</Box>}
    </Box>
  );
}
