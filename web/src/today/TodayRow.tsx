import Box from "@mui/material/Box";
import type { ReactNode } from "react";
import { Card } from "../shell/Card";

/** A few things of one sort under their heading. */
export function TodayPart({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" aria-label={title} sx={{ mb: 2 }}>
      <Box component="h2" sx={{ fontSize: 14, px: 0.5, mb: 0.75 }}>
        {title}
      </Box>
      <Card sx={{ "& > * + *": { borderTop: "1px solid var(--z-line)" } }}>{children}</Card>
    </Box>
  );
}

interface Props {
  /** How many are concerned; drawn large, because the eye looks for it first. */
  count?: number;
  urgent?: boolean;
  what: ReactNode;
  about: ReactNode;
  children?: ReactNode;
}

/** One thing that needs a person, with its action at the right. */
export function TodayRow({ count, urgent, what, about, children }: Props) {
  return (
    <Box
      data-today-row
      sx={{ display: "flex", alignItems: "center", gap: 1.5, px: 1.75, py: 1, minHeight: 54 }}
    >
      {count !== undefined && (
        <Box
          aria-hidden="true"
          sx={{
            width: 34,
            textAlign: "center",
            fontSize: 19,
            fontWeight: 700,
            color: urgent ? "var(--z-clayText)" : "var(--z-saffron)",
          }}
        >
          {count}
        </Box>
      )}
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Box sx={{ fontWeight: 700 }}>{what}</Box>
        <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{about}</Box>
      </Box>
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", justifyContent: "flex-end" }}>{children}</Box>
    </Box>
  );
}
