import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Schemas } from "../api/client";
import { Html } from "./Html";
import { words } from "./words";

/** An item's page without its title: text, picture, sheet or the way to a page outside. */
export function ItemPageView({ page }: { page: Schemas["ItemPage"] }) {
  return (
    <>
      {page.html && <Html html={page.html} lang={page.language} />}
      {page.file?.mediaType.startsWith("image/") && (
        <Box
          component="img"
          src={page.file.address}
          alt={page.title}
          sx={{ maxWidth: "100%", borderRadius: "8px", mt: 1 }}
        />
      )}
      {page.file && !page.file.mediaType.startsWith("image/") && (
        <Button component="a" href={page.file.address} target="_blank" rel="noopener" sx={{ mt: 1 }}>
          {words.openFile(page.file.name)}
        </Button>
      )}
      {page.address && (
        <Box sx={{ mt: 1 }}>
          <Button component="a" href={page.address} target="_blank" rel="noopener noreferrer">
            {words.openLink}
          </Button>
          <Box sx={{ color: "var(--z-soft)", fontSize: "0.85em", overflowWrap: "anywhere", mt: 0.5 }}>
            {page.address}
          </Box>
        </Box>
      )}
    </>
  );
}
