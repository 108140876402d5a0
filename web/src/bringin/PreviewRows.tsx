import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { day } from "../shell/dates";
import { words } from "./words";

/** Every row of the file as it will be taken, with its problem where it has one. */
export function PreviewRows({ preview }: { preview: Schemas["Preview"] }) {
  return (
    <tbody>
      {preview.rows.map((row) => (
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
                  {row.problem && score.typed ? score.typed : words.notAssessed}
                </Box>
              )}
            </Box>
          ))}
          <Box component="td" sx={{ color: "var(--z-clayText)" }}>
            {row.problem}
          </Box>
        </Box>
      ))}
    </tbody>
  );
}
