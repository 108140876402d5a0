import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useInfiniteQuery } from "@tanstack/react-query";
import { Link, useSearchParams } from "react-router";
import { PlaceHead } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { historyOf } from "./address";
import { TrailTable } from "./TrailTable";
import { type Subject, trailQuery } from "./trailQueries";
import { words } from "./words";

/** Who did what in the class; of one student, group, task or arrangement where the address names one. */
export default function HistoryPlace() {
  const { classId } = useFocus();
  const [search] = useSearchParams();
  const narrowed = subjectOf(search);
  const trail = useInfiniteQuery(trailQuery(classId, narrowed));
  const query = narrowed ? `?kind=${narrowed.kind}&subject=${narrowed.subject}` : "";
  return (
    <Box component="main" sx={{ px: 2.5, pb: 2, minHeight: 0, display: "flex", flexDirection: "column" }}>
      <PlaceHead title={words.title}>
        {narrowed && (
          <Button variant="text" component={Link} to={`/classes/${classId}/history`}>
            {words.whole}
          </Button>
        )}
        <Button href={`/api/classes/${classId}/history.csv${query}`}>{words.takeAlong}</Button>
      </PlaceHead>
      <Box sx={{ color: "var(--z-soft)", mb: 1 }}>
        {narrowed ? words.of(narrowed.kind, search.get("name") ?? "") : words.ofClass}
      </Box>
      <TrailTable
        pages={trail.data?.pages}
        onOlder={trail.hasNextPage ? () => trail.fetchNextPage() : undefined}
        subject={(each) => (
          <Link to={historyOf(classId, each.kind, each.id, each.name)} style={{ color: "inherit" }}>
            {each.name}
          </Link>
        )}
      />
    </Box>
  );
}

function subjectOf(search: URLSearchParams): Subject | undefined {
  const kind = search.get("kind") as Subject["kind"] | null;
  return kind ? { kind, subject: Number(search.get("subject")) } : undefined;
}
