import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Schemas } from "../api/client";
import { Html } from "./Html";
import { Picture } from "./Picture";
import { words } from "./words";

/** An item's page without its title: text, picture, sheet or the way to a page outside. */
export function ItemPageView({ page }: { page: Schemas["ItemPage"] }) {
  return (
    <>
      {page.html && <Html html={page.html} lang={page.language} />}
      {page.file?.mediaType.startsWith("image/") && (
        <Picture address={page.file.address} title={page.title} />
      )}
      {page.file && !page.file.mediaType.startsWith("image/") && (
        <Button component="a" href={page.file.address} target="_blank" rel="noopener" sx={{ mt: 1 }}>
          {words.openFile({ name: page.file.name })}
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
