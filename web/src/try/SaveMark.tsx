import Box from "@mui/material/Box";
import type { SaveState } from "./saveState";
import { words } from "./words";

/** Says quietly where what is in sight is. */
export function SaveMark({ state }: { state: SaveState }) {
  const sure = state === "saved" || state === "saving";
  return (
    <Box
      role="status"
      sx={{
        fontSize: "0.78em",
        color: sure ? "var(--z-mossText)" : "var(--z-saffron)",
        textAlign: "right",
      }}
    >
      {words.state[state]}
    </Box>
  );
}
