import Box from "@mui/material/Box";

/** Says beside what was tried why it did not work; nothing where there is no problem. */
export function Problem({ error }: { error: Error | null }) {
  return (
    error && (
      <Box
        role="alert"
        sx={{ color: "var(--z-clayText)", bgcolor: "var(--z-clayWash)", p: 1.25, borderRadius: "8px" }}
      >
        {error.message}
      </Box>
    )
  );
}
