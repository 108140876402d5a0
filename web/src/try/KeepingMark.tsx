import Box from "@mui/material/Box";
import type { Keeping } from "./useAnswers";
import { words } from "./words";

/** Says whether what was given is kept. */
export function KeepingMark({ keeping }: { keeping: Keeping }) {
  return (
    <Box
      role="status"
      sx={{
        fontSize: 14,
        color: keeping === "waiting" ? "var(--z-clayText)" : "var(--z-mossText)",
      }}
    >
      {words[keeping]}
    </Box>
  );
}
