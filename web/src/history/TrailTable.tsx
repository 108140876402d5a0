import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import type { ReactNode } from "react";
import type { Schemas } from "../api/client";
import { classesQuery } from "../api/queries";
import { Card } from "../shell/Card";
import { dayAndTimeInZone } from "../shell/dates";
import { Waiting } from "../shell/Waiting";
import { words } from "./words";

/** So many names are shown; a whole class that is moved need not fill the page. */
const NAMES = 6;
/** Longer details are cut; the whole of them stands in what is taken along. */
const LONG = 160;

interface Props {
  pages: Schemas["TrailPage"][] | undefined;
  onOlder: (() => void) | undefined;
  /** Whether lines are of several classes, so that each says which. */
  classes?: boolean;
  subject: (each: Schemas["TrailSubject"]) => ReactNode;
}

/** Lines of the trail, newest first. */
export function TrailTable({ pages, onOlder, classes = false, subject }: Props) {
  const zone = useQuery(classesQuery).data?.zone ?? "UTC";
  if (!pages) {
    return <Waiting />;
  }
  const lines = pages.flatMap((page) => page.lines);
  return (
    <Card sx={{ overflow: "auto", "@media print": { overflow: "visible" } }}>
      {lines.length === 0 ? (
        <Box sx={{ p: 3 }}>{words.none}</Box>
      ) : (
        <Box component="table" sx={style}>
          <thead>
            <tr>
              {Object.values(words.heads).map((head) => (
                <th key={head} scope="col">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => (
              <tr key={line.id}>
                <td className="when">{dayAndTimeInZone(line.at, zone)}</td>
                <td className="who">{line.who || words.byItself}</td>
                <td className="deed">{line.deed}</td>
                <td>
                  {classes && line.inClass && `${line.inClass}${line.about.length > 0 ? ": " : ""}`}
                  {line.about.slice(0, NAMES).map((each, i) => (
                    <span key={`${each.kind}${each.id}`}>
                      {i > 0 && ", "}
                      {subject(each)}
                    </span>
                  ))}
                  {line.about.length > NAMES && ` ${words.more({ others: line.about.length - NAMES })}`}
                </td>
                <td className="facts" title={line.facts.length > LONG ? line.facts : undefined}>
                  {line.facts.length > LONG ? `${line.facts.slice(0, LONG)}…` : line.facts}
                </td>
              </tr>
            ))}
          </tbody>
        </Box>
      )}
      {onOlder && (
        <Box className="no-print" sx={{ p: 1.5 }}>
          <Button onClick={onOlder}>{words.older}</Button>
        </Box>
      )}
    </Card>
  );
}

const style = {
  width: "100%",
  borderCollapse: "collapse",
  "& th, & td": {
    textAlign: "left",
    verticalAlign: "top",
    px: 1.5,
    py: 0.75,
    borderBottom: "1px solid var(--z-line)",
  },
  "& th": { fontSize: 12.5, color: "var(--z-soft)", position: "sticky", top: 0, bgcolor: "var(--z-card)" },
  "& .when, & .who": { whiteSpace: "nowrap" },
  "& .when": { color: "var(--z-soft)", fontVariantNumeric: "tabular-nums" },
  "& .deed": { fontWeight: 700, minWidth: 150 },
  "& .facts": { color: "var(--z-soft)", fontSize: 12.5, overflowWrap: "anywhere", maxWidth: 340 },
} as const;
