import Box from "@mui/material/Box";
import type { ReactNode } from "react";

/** A part of what is known of a student, under its heading. */
export function Part({ title, about, children }: { title: string; about?: string; children: ReactNode }) {
  return (
    <Box component="section" aria-label={title} sx={{ display: "grid", gap: 0.5 }}>
      <Box sx={{ display: "flex", gap: 1, alignItems: "baseline" }}>
        <Box component="h3" sx={{ fontSize: 14 }}>
          {title}
        </Box>
        {about && <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{about}</Box>}
      </Box>
      {children}
    </Box>
  );
}
