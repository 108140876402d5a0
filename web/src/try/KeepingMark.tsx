import Box from "@mui/material/Box";
import type { Keeping } from "./useAnswers";
import { words } from "./words";

/** Says quietly whether what was given is kept, and where. */
export function KeepingMark({ keeping }: { keeping: Keeping }) {
  return (
    <Box
      role="status"
      sx={{
        fontSize: "0.78em",
        color: keeping === "waiting" ? "var(--z-saffron)" : "var(--z-mossText)",
        textAlign: "right",
      }}
    >
      {words[keeping]}
    </Box>
  );
}
