import Box from "@mui/material/Box";
import { useQuery } from "@tanstack/react-query";
import { NavLink, useParams } from "react-router";
import { classesQuery } from "../api/queries";
import { SchoolHistoryPart } from "../history/SchoolHistoryPart";
import { PlaceHead } from "../shell/Card";
import { Waiting } from "../shell/Waiting";
import { AdultsPart } from "./AdultsPart";
import { BackupsPart } from "./BackupsPart";
import { CalendarPart } from "./CalendarPart";
import { LeaversPart } from "./LeaversPart";
import { ListsPart } from "./ListsPart";
import { MeasuresPart } from "./MeasuresPart";
import { NeedWordsPart } from "./NeedWordsPart";
import { WritingPart } from "./WritingPart";
import { words } from "./words";

const parts = [
  "measures",
  "adults",
  "calendar",
  "lists",
  "need-words",
  "backups",
  "leavers",
  "history",
] as const;

/** What belongs to the whole school: measures, adults, the calendar, lists that come and go. */
export default function SchoolPlace() {
  const classes = useQuery(classesQuery).data;
  const part = useParams().part ?? "measures";
  if (!classes) {
    return <Waiting />;
  }
  const isOpen = part === "measures" || classes.administrator || (part === "calendar" && classes.keepsShared);
  return (
    <>
      <PlaceHead title={classes.school || words.title} />
      <Box component="nav" sx={{ display: "flex", gap: 2.5, borderBottom: "1px solid var(--z-line)", mb: 2 }}>
        {parts.map((each) => (
          <Box
            key={each}
            component={NavLink}
            to={`/school/${each}`}
            aria-current={each === part ? "page" : undefined}
            sx={{
              color: "var(--z-ink)",
              textDecoration: "none",
              pb: 0.75,
              fontWeight: each === part ? 700 : 400,
              borderBottom: `3px solid ${each === part ? "var(--z-action)" : "transparent"}`,
            }}
          >
            {words.parts[each]}
          </Box>
        ))}
      </Box>
      {part === "measures" && <MeasuresPart />}
      {!isOpen && <Box>{words.administrators}</Box>}
      {part === "adults" && classes.administrator && <AdultsPart />}
      {part === "calendar" && classes.keepsShared && (
        <>
          <CalendarPart />
          <WritingPart />
        </>
      )}
      {part === "backups" && classes.administrator && <BackupsPart />}
      {part === "leavers" && classes.administrator && <LeaversPart />}
      {part === "history" && classes.administrator && <SchoolHistoryPart />}
      {part === "need-words" && classes.administrator && <NeedWordsPart />}
      {part === "lists" && classes.administrator && <ListsPart />}
    </>
  );
}
