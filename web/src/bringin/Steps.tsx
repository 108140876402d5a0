import Box from "@mui/material/Box";
import { words } from "./words";

/** How far an import is: the file, what it means, what will change. */
export function Steps({ at }: { at: number }) {
  return (
    <Box
      component="ol"
      aria-label={words.howFar}
      sx={{
        display: { xs: "none", md: "flex" },
        gap: 1.5,
        listStyle: "none",
        m: 0,
        mr: 1,
        p: 0,
        alignItems: "center",
      }}
    >
      {words.steps.map((step, i) => (
        <Box
          component="li"
          key={step}
          aria-current={i === at ? "step" : undefined}
          sx={{
            display: "flex",
            gap: 0.75,
            alignItems: "center",
            fontWeight: i === at ? 700 : 400,
            color: i === at ? "inherit" : "var(--z-soft)",
          }}
        >
          <Box
            component="span"
            aria-hidden
            sx={{
              width: 24,
              height: 24,
              borderRadius: "50%",
              border: "1px solid var(--z-line)",
              display: "grid",
              placeItems: "center",
              fontSize: 12.5,
              ...(i === at && { bgcolor: "var(--z-ink)", color: "var(--z-paper)" }),
            }}
          >
            {i < at ? "✓" : i + 1}
          </Box>
          {step}
        </Box>
      ))}
    </Box>
  );
}
