import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { Mark } from "../shell/Mark";
import { TimeLeft } from "./TimeLeft";

/** The title and the calm clock above a try. */
export function TryHead({ page, onOver }: { page: Schemas["TryPage"]; onOver: () => void }) {
  return (
    <Box
      component="header"
      sx={{
        display: "flex",
        alignItems: "center",
        gap: 1.5,
        px: 3,
        minHeight: 64,
        borderBottom: "1px solid var(--z-line)",
      }}
    >
      <Mark />
      <Box component="h1" sx={{ fontSize: 18, flex: 1 }}>
        {page.title}
      </Box>
      <TimeLeft page={page} onOver={onOver} />
    </Box>
  );
}
