import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { day } from "../shell/dates";
import { words } from "./words";

export function RowsHead({ columns }: { columns: Schemas["ListColumn"][] }) {
  return (
    <thead>
      <Box component="tr" sx={{ bgcolor: "var(--z-sunk)", "& th": { fontSize: 12.5 } }}>
        <th>{words.row}</th>
        <th>{words.name}</th>
        <th>{words.uses.GRADE}</th>
        {columns
          .filter((column) => column.use.as === "SCORE")
          .map((column) => (
            <Box component="th" key={column.use.column} sx={{ "&&": { textAlign: "right" } }}>
              {column.name}
            </Box>
          ))}
        <th />
      </Box>
    </thead>
  );
}

/** Rows of the file as they are read, with the problem of each that has one. */
export function PreviewRows({ rows }: { rows: Schemas["ListRow"][] }) {
  return (
    <tbody>
      {rows.map((row) => (
        <Box
          component="tr"
          key={row.number}
          sx={{
            borderTop: "1px solid var(--z-line)",
            bgcolor: row.problem ? "var(--z-clayWash)" : undefined,
          }}
        >
          <td>{row.number}</td>
          <td>
            <b>{row.givenName}</b> {row.familyName}{" "}
            <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
              {[row.isNew && !row.problem && words.isNew, row.takenOn && day(row.takenOn), ...row.about]
                .filter(Boolean)
                .join(" · ")}
            </Box>
          </td>
          <td>{row.grade}</td>
          {row.scores.map((score, i) => (
            <Box component="td" key={i} sx={{ "&&": { textAlign: "right" } }}>
              {score.value ?? (
                <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
                  {(row.problem ?? row.hold) && score.typed ? score.typed : words.notAssessed}
                </Box>
              )}
            </Box>
          ))}
          <Box component="td" sx={{ color: "var(--z-clayText)" }}>
            {row.problem ?? (row.hold && words.holds[row.hold])}
          </Box>
        </Box>
      ))}
    </tbody>
  );
}
