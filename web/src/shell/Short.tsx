import Box from "@mui/material/Box";
import type { ReactNode } from "react";

/** Words that leave room for what stands beside them; in full they are in the name for screen readers. */
export function Short({ maxWidth, children }: { maxWidth: number; children: ReactNode }) {
  return (
    <Box
      component="span"
      sx={{ maxWidth, overflow: "hidden", textOverflow: "ellipsis", whiteSpace: "nowrap", mr: 0.5 }}
    >
      {children}
    </Box>
  );
}
