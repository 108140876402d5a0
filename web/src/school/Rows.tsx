import Box from "@mui/material/Box";
import type { ReactNode } from "react";
import { Card } from "../shell/Card";

/** A list of things of the school, one a line, each with what can be done with it at the right. */
export function Rows({ children }: { children: ReactNode }) {
  return (
    <Card component="ul" sx={{ listStyle: "none", p: 0, m: 0 }}>
      {children}
    </Card>
  );
}

export function Row({ children }: { children: ReactNode }) {
  return (
    <Box
      component="li"
      sx={{
        display: "flex",
        gap: 2,
        alignItems: "center",
        px: 2,
        py: 1,
        borderTop: "1px solid var(--z-line)",
      }}
    >
      {children}
    </Box>
  );
}
