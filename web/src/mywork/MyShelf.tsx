import Box from "@mui/material/Box";
import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { shelfOf } from "../api/pageQueries";
import { useWhose } from "../api/whose";
import { shelfWords as words } from "./shelfWords";

/** What lies on the student's shelf: reading and practice, what is to be looked at first before the rest. */
export function MyShelf() {
  const books = useQuery(shelfOf(useWhose())).data?.books ?? [];
  if (books.length === 0) {
    return null;
  }
  return (
    <Box component="section" sx={{ mt: 2 }}>
      <Box component="h2" sx={{ fontSize: "1em", px: 0.25, mb: 1 }}>
        {words.title}
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
        {books.map((book) => (
          <Box
            key={book.itemId}
            component={Link}
            to={`/my/shelf/${book.itemId}`}
            sx={{
              flex: "1 1 180px",
              maxWidth: { sm: 310 },
              p: 1.5,
              bgcolor: "var(--z-card)",
              border: "1px solid var(--z-line)",
              borderRadius: "12px",
              textDecoration: "none",
              color: "var(--z-ink)",
              borderLeft: `5px solid var(--z-${book.first ? "action" : "line"})`,
            }}
          >
            <Box sx={{ fontWeight: 700, fontSize: "0.94em" }}>{book.title}</Box>
            <Box sx={{ fontSize: "0.8em", color: "var(--z-soft)" }}>{words.book(book)}</Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
