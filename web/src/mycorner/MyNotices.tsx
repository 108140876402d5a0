import Box from "@mui/material/Box";
import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { cornersOf } from "../api/pageQueries";
import { type Seen, useWhose } from "../api/whose";
import { Card } from "../shell/Card";
import { NoticeText } from "./NoticeText";
import { words } from "./words";

/** As many as are read at a glance; the rest is folded. */
const AT_ONCE = 3;

/** What teachers say to this student, and the way to the student's corners. */
export function MyNotices() {
  const whose = useWhose();
  const mine = useQuery(cornersOf(whose)).data;
  if (!mine || (mine.notices.length === 0 && mine.corners.length === 0)) {
    return null;
  }
  const older = mine.notices.slice(AT_ONCE);
  return (
    <Box component="section" aria-label={words.notices} sx={{ mt: 2, display: "grid", gap: 1 }}>
      {mine.corners.map((corner) => (
        <Card
          key={corner.id}
          component={Link}
          {...{ to: whose.own ? `/my/corners/${corner.id}` : `?${cornerIn(whose, corner.id)}` }}
          sx={{ p: 1.75, color: "inherit", textDecoration: "none", display: "flex", gap: 1.5 }}
        >
          <Box sx={{ flex: 1, fontWeight: 700 }}>{words.corner(corner.name)} ›</Box>
          <Box sx={{ color: corner.unread > 0 ? "var(--z-saffron)" : "var(--z-soft)" }}>
            {corner.unread > 0 ? words.unread({ count: corner.unread }) : words.nothingNew}
          </Box>
        </Card>
      ))}
      {mine.notices.length > 0 && (
        <Card sx={{ p: 1.75 }}>
          <Box component="h2" sx={{ fontSize: "1em" }}>
            {words.notices}
          </Box>
          {mine.notices.slice(0, AT_ONCE).map((notice) => (
            <NoticeText key={notice.id} notice={notice} />
          ))}
          {older.length > 0 && (
            <Box component="details">
              <Box component="summary" sx={{ cursor: "pointer", color: "var(--z-soft)" }}>
                {words.older({ count: older.length })}
              </Box>
              {older.map((notice) => (
                <NoticeText key={notice.id} notice={notice} />
              ))}
            </Box>
          )}
        </Card>
      )}
    </Box>
  );
}

/** The same look, with a corner opened in it. */
function cornerIn({ at, draft }: Seen, cornerId: number): URLSearchParams {
  const search = new URLSearchParams({ corner: String(cornerId) });
  if (at) {
    search.set("at", at);
  }
  if (draft) {
    search.set("task", String(draft));
  }
  return search;
}
