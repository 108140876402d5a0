import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useInfiniteQuery } from "@tanstack/react-query";
import { TrailTable } from "./TrailTable";
import { schoolTrailQuery } from "./trailQueries";
import { words } from "./words";

/** What was done to the school, for its administrators. */
export function SchoolHistoryPart() {
  const trail = useInfiniteQuery(schoolTrailQuery);
  return (
    <>
      <Box sx={{ display: "flex", alignItems: "center", gap: 2, mb: 1 }}>
        <Box sx={{ flex: 1, color: "var(--z-soft)" }}>{words.ofSchool}</Box>
        <Button href="/api/school/history.csv">{words.takeAlong}</Button>
      </Box>
      <TrailTable
        pages={trail.data?.pages}
        onOlder={trail.hasNextPage ? () => trail.fetchNextPage() : undefined}
        classes
        subject={(each) => each.name}
      />
    </>
  );
}
