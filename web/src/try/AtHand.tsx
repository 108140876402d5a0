import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { words } from "./words";

/** What may be used beside the work, where there is something of it. */
export function AtHand({ page }: { page: Schemas["TryPage"] }) {
  const use = [...page.atHand.tools, ...page.atHand.alongside];
  if (use.length === 0) {
    return null;
  }
  return <Box sx={{ mb: 1.5, fontSize: "0.88em", color: "var(--z-soft)" }}>{words.mayUse(use)}</Box>;
}
