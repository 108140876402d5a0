import Box from "@mui/material/Box";
import { words } from "./words";

/** A code to read out or write on the board, and whether it opens anything now. */
export function DoorCode({ label, code, opened }: { label: string; code: string; opened: boolean }) {
  return (
    <Box>
      {label}{" "}
      <Box component="b" sx={{ fontSize: 22, letterSpacing: 2 }}>
        {code}
      </Box>{" "}
      <Box component="span" sx={{ color: "var(--z-soft)" }}>
        {opened ? words.isOpen : words.isClosed}
      </Box>
    </Box>
  );
}
