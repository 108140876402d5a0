import Box from "@mui/material/Box";
import { useQuery } from "@tanstack/react-query";
import { schoolImportsQuery } from "../api/queries";
import { ImportList } from "../bringin/ImportList";
import { Card } from "../shell/Card";
import { BundleCard } from "./BundleCard";
import { SystemCard } from "./SystemCard";
import { words } from "./words";

/** Lists of the whole school: from its system, as a bundle, and what came in so far. */
export function ListsPart() {
  const imports = useQuery(schoolImportsQuery).data ?? [];
  return (
    <Box sx={{ display: "grid", gap: 2 }}>
      <SystemCard />
      <BundleCard />
      <Card component="section" aria-label={words.past} sx={{ p: 2 }}>
        <Box component="h2" sx={{ fontSize: 16, mb: 1 }}>
          {words.past}
        </Box>
        <ImportList imports={imports} mayUndo />
      </Card>
    </Box>
  );
}
