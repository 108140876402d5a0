import Box from "@mui/material/Box";

/** A key as it is on the keyboard. */
export function Key({ children }: { children: string }) {
  return (
    <Box
      component="kbd"
      sx={{
        font: "inherit",
        fontWeight: 700,
        fontSize: 11.5,
        px: 0.75,
        borderRadius: "5px",
        bgcolor: "var(--z-card)",
        color: "var(--z-ink)",
        border: "1px solid var(--z-line)",
      }}
    >
      {children}
    </Box>
  );
}
