import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { Card } from "../shell/Card";
import { PreviewRows, RowsHead } from "./PreviewRows";
import { words } from "./words";

type Change = Schemas["Change"];
type Shown = Change["kind"] | "ROWS" | "PROBLEMS";

const kinds = ["STUDENT_CHANGED", "STUDENT_NEW", "SCORE", "SKILL", "NEED"] as const;

/** Every change that the file brings, old beside new; and every row as it is read. */
export function ChangesCard({ preview }: { preview: Schemas["Preview"] }) {
  const [chosen, setChosen] = useState<Shown | null>(null);
  const counts = new Map<Shown, number>();
  for (const change of preview.changes) {
    counts.set(change.kind, (counts.get(change.kind) ?? 0) + 1);
  }
  counts.set("PROBLEMS", preview.withProblem);
  counts.set("ROWS", preview.rows.length);
  const offered = (["PROBLEMS", ...kinds, "ROWS"] as const).filter((each) => (counts.get(each) ?? 0) > 0);
  const shown = chosen !== null && offered.includes(chosen) ? chosen : (offered[0] ?? "ROWS");
  return (
    <Card role="region" aria-label={words.preview} tabIndex={0} sx={{ overflow: "auto", maxHeight: "62vh" }}>
      <Box sx={{ display: "flex", gap: 0.75, p: 1.5, alignItems: "center", flexWrap: "wrap" }}>
        <Box component="h2" sx={{ fontSize: 15, m: 0, mr: 0.5 }}>
          {words.everyChange}
        </Box>
        {offered.map((each) => (
          <Button
            key={each}
            size="small"
            aria-pressed={shown === each}
            sx={shown === each ? { outline: "2px solid var(--z-ink)" } : undefined}
            onClick={() => setChosen(each)}
          >
            {words.kindsOfChange[each]} {counts.get(each)}
          </Button>
        ))}
        <Box sx={{ flex: 1 }} />
        <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
          {isCut(preview) ? words.firstPart : words.ownLines}
        </Box>
      </Box>
      <Box
        component="table"
        sx={{
          borderCollapse: "collapse",
          width: "100%",
          "& td, & th": { px: 1.5, py: 0.6, textAlign: "left" },
        }}
      >
        {shown === "ROWS" || shown === "PROBLEMS" ? (
          <>
            <RowsHead columns={preview.columns} />
            <PreviewRows rows={preview.rows.filter((row) => shown === "ROWS" || row.problem !== undefined)} />
          </>
        ) : (
          <ChangeRows changes={preview.changes.filter((each) => each.kind === shown)} />
        )}
      </Box>
    </Card>
  );
}

/** Whether the server sent the first part alone; the counts above the table are of all. */
function isCut(preview: Schemas["Preview"]): boolean {
  const rows = preview.good + preview.withProblem + preview.waiting + preview.leftOut;
  const scores = preview.changes.filter((each) => each.kind === "SCORE").length;
  return rows > preview.rows.length || preview.scores > scores;
}

function ChangeRows({ changes }: { changes: Change[] }) {
  return (
    <>
      <thead>
        <Box component="tr" sx={{ bgcolor: "var(--z-sunk)", "& th": { fontSize: 12.5 } }}>
          <th>{words.row}</th>
          <th>{words.student}</th>
          <th>{words.what}</th>
          <th>{words.now}</th>
          <th>{words.willBe}</th>
        </Box>
      </thead>
      <tbody>
        {changes.map((each, i) => (
          <Box component="tr" key={i} sx={{ borderTop: "1px solid var(--z-line)" }}>
            <td>{each.row}</td>
            <td>
              <b>{each.givenName}</b> {each.familyName}
            </td>
            <td>{each.what}</td>
            <td>{each.now || "–"}</td>
            <td>
              → <b>{each.willBe || words.nothing}</b>
            </td>
          </Box>
        ))}
      </tbody>
    </>
  );
}
