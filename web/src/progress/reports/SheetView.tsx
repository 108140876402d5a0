import Box from "@mui/material/Box";
import type { Schemas } from "../../api/client";
import { languages, spoken } from "../../languages/languages";
import { Card } from "../../shell/Card";

/** One sheet as it will be on paper. */
export function SheetView({ sheet }: { sheet: Schemas["Sheet"] }) {
  return (
    <Card
      component="article"
      lang={sheet.language}
      dir={languages[spoken([sheet.language], false)].direction}
      aria-label={sheet.title}
      sx={{
        p: 5,
        mb: 2,
        maxWidth: 760,
        lineHeight: 1.5,
        textAlign: sheet.large ? "center" : "left",
        "& p": { mb: 1.25 },
        "@media print": { border: 0, p: 0, maxWidth: "none", breakAfter: "page" },
        "&:last-of-type": { "@media print": { breakAfter: "auto" } },
      }}
    >
      <Box sx={{ color: "var(--z-soft)", fontSize: 13 }}>{sheet.school}</Box>
      <Box component="h2" sx={{ fontSize: sheet.large ? 44 : 24, mt: sheet.large ? 6 : 0 }}>
        {sheet.title}
      </Box>
      <Box sx={{ color: "var(--z-soft)", mb: 2.5 }}>{sheet.about}</Box>
      {sheet.paragraphs.map((each, i) => (
        <Box
          component="p"
          key={each}
          sx={
            sheet.large && i === 0 ? { fontSize: 34, fontWeight: 700 } : { fontSize: sheet.large ? 18 : 15 }
          }
        >
          {each}
        </Box>
      ))}
      {sheet.ownWords && (
        <Box sx={{ borderLeft: "3px solid var(--z-line)", pl: 2, my: 2.5, whiteSpace: "pre-line" }}>
          {sheet.ownWords}
        </Box>
      )}
      {sheet.tables.map((table) => (
        <SheetTable key={table.heading} table={table} />
      ))}
      <Box sx={{ mt: sheet.large ? 8 : 3 }}>
        {sheet.closing.map((each) => (
          <p key={each}>{each}</p>
        ))}
      </Box>
    </Card>
  );
}

function SheetTable({ table }: { table: Schemas["SheetTable"] }) {
  return (
    <>
      <Box component="h3" sx={{ fontSize: 16, mt: 2.5 }}>
        {table.heading}
      </Box>
      <Box
        component="table"
        sx={{
          width: "100%",
          borderCollapse: "collapse",
          fontSize: 14,
          "& th, & td": { textAlign: "left", py: 0.5, pr: 2, borderBottom: "1px solid var(--z-line)" },
          "& th": { fontWeight: 400, color: "var(--z-soft)", fontSize: 12.5 },
          "& tr": { breakInside: "avoid" },
        }}
      >
        <thead>
          <tr>
            {table.columns.map((each) => (
              <th key={each} scope="col">
                {each}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {table.rows.map((row, i) => (
            <tr key={i}>
              {row.map((cell, j) => (
                <td key={table.columns[j]}>{cell}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </Box>
    </>
  );
}
