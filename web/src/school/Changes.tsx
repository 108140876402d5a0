import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { changeKind, words } from "./words";

/** What a list would change: counted by kind, then one by one, then what cannot be used. */
export function Changes({ preview }: { preview: Schemas["BundlePreview"] }) {
  if (preview.counts.length === 0 && preview.problemCount === 0) {
    return <Box role="status">{words.nothing}</Box>;
  }
  return (
    <Box sx={{ display: "grid", gap: 1.25 }}>
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }} role="status">
        {preview.counts.map((each) => (
          <Box key={each.kind} sx={{ bgcolor: "var(--z-sunk)", borderRadius: 99, px: 1.5, py: 0.25 }}>
            <b>{each.count}</b> {changeKind(each.kind, each.count)}
          </Box>
        ))}
      </Box>
      {preview.problemCount > 0 && (
        <Box
          role="alert"
          sx={{ bgcolor: "var(--z-clayWash)", color: "var(--z-clayText)", p: 1.25, borderRadius: "8px" }}
        >
          {words.leftOut({ count: preview.problemCount })}
          <ul>
            {preview.problems.slice(0, 20).map((problem) => (
              <li key={problem}>{problem}</li>
            ))}
          </ul>
        </Box>
      )}
      <Box
        sx={{ maxHeight: 260, overflow: "auto", border: "1px solid var(--z-line)", borderRadius: "8px" }}
        tabIndex={0}
        role="region"
        aria-label={words.title}
      >
        <Box
          component="table"
          sx={{ borderCollapse: "collapse", width: "100%", "& td": { px: 1.5, py: 0.4 } }}
        >
          <tbody>
            {preview.changes.map((change, i) => (
              <Box
                component="tr"
                key={`${change.kind}${change.who}${i}`}
                sx={{ borderTop: "1px solid var(--z-line)" }}
              >
                <Box component="td" sx={{ color: "var(--z-soft)", width: 190 }}>
                  {changeKind(change.kind, 1)}
                </Box>
                <td>
                  <b>{change.who}</b> {change.detail}
                </td>
              </Box>
            ))}
          </tbody>
        </Box>
      </Box>
    </Box>
  );
}
