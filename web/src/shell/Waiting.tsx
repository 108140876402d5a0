import Box from "@mui/material/Box";
import { words } from "./words";

export function Waiting() {
  return (
    <Box role="status" sx={{ p: 4, color: "var(--z-soft)" }}>
      {words.waiting}
    </Box>
  );
}
