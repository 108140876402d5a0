import Box, { type BoxProps } from "@mui/material/Box";

/**
 * Shows HTML that the server has made harmless: it comes from Markdown through a list of what is allowed, and the page's
 * content policy lets no script in it run.
 */
export function Html({ html, ...box }: BoxProps & { html: string }) {
  return (
    <Box
      {...box}
      // biome-ignore lint/security/noDangerouslySetInnerHtml: the server sends only what its list allows
      dangerouslySetInnerHTML={{ __html: html }}
      sx={{
        "& p, & ul, & ol, & table, & blockquote, & h1, & h2, & h3": { mb: 1.5 },
        "& :last-child": { mb: 0 },
        "& h1, & h2, & h3": { fontSize: "1.1em" },
        "& img": { maxWidth: "100%", height: "auto", borderRadius: "8px" },
        "& table": { borderCollapse: "collapse" },
        "& th, & td": { border: "1px solid var(--z-line)", px: 1.25, py: 0.5, textAlign: "left" },
        "& blockquote": { borderLeft: "3px solid var(--z-line)", pl: 1.5, ml: 0 },
        "& a": { color: "var(--z-aubergine)" },
        ...box.sx,
      }}
    />
  );
}
