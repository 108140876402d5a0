import Box, { type BoxProps } from "@mui/material/Box";

/** A sheet of paper on the desk. */
export function Card(props: BoxProps) {
  return (
    <Box
      {...props}
      sx={{
        bgcolor: "var(--z-card)",
        border: "1px solid var(--z-line)",
        borderRadius: "12px",
        ...props.sx,
      }}
    />
  );
}

/** The line above a place: its name, a few words, and at the right what can be done. */
export function PlaceHead({
  title,
  about,
  between,
  children,
}: {
  title: string;
  about?: string;
  /** What stands beside the name rather than at the right. */
  between?: BoxProps["children"];
  children?: BoxProps["children"];
}) {
  return (
    <Box
      sx={{
        display: "flex",
        alignItems: "center",
        gap: 1.5,
        minHeight: 48,
        flexShrink: 0,
        py: 0.5,
        flexWrap: "wrap",
      }}
    >
      <Box component="h1" sx={{ fontSize: 19, fontWeight: 700 }}>
        {title}
      </Box>
      {about && <Box sx={{ color: "var(--z-soft)" }}>{about}</Box>}
      {between}
      <Box
        className="no-print"
        sx={{ marginLeft: "auto", display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1.25 }}
      >
        {children}
      </Box>
    </Box>
  );
}
