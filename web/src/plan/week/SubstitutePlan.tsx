import Box from "@mui/material/Box";
import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../../api/client";
import { classesQuery, studentsQuery } from "../../api/queries";
import { time } from "../../shell/dates";
import { useFocus } from "../../shell/focus";
import { rowName } from "./WeekRow";
import { words } from "./words";

/** The week as somebody needs it who does not know the class: day by day, and who is in which group. Only printed. */
export function SubstitutePlan({ week }: { week: Schemas["Week"] }) {
  const { classId, arrangement } = useFocus();
  const className = useQuery(classesQuery).data?.classes.find((each) => each.id === classId)?.name ?? "";
  const students = useQuery(studentsQuery(classId)).data ?? [];
  const names = new Map(students.map((each) => [each.id, each.givenName]));
  return (
    <Box
      component="section"
      aria-label={words.printSubstitute}
      sx={{ display: "none", "@media print": { display: "block" }, fontSize: 13 }}
    >
      <Box component="h1" sx={{ fontSize: 19 }}>
        {words.substitute.title(className, week.begins)}
      </Box>
      <Box component="h2" sx={{ fontSize: 15, mt: 1.5 }}>
        {words.substitute.groups}
      </Box>
      {arrangement?.groups.map((group) => (
        <Box key={group.id}>
          <b>{group.name}</b>: {group.members.map((id) => names.get(id) ?? "").join(", ")}
        </Box>
      ))}
      {week.days.map((day, column) => (
        <Box key={day.day} sx={{ mt: 1.5, breakInside: "avoid" }}>
          <Box component="h2" sx={{ fontSize: 15 }}>
            {words.dayLong(day.day)}
            {!day.teaching && ` · ${words.closed(day.closedBecause)}`}
          </Box>
          {week.rows.map((row) => (
            <DayOfRow key={row.groupId ?? row.kind} row={row} day={day.day} column={column} />
          ))}
        </Box>
      ))}
    </Box>
  );
}

function DayOfRow({ row, day, column }: { row: Schemas["WeekRow"]; day: string; column: number }) {
  const sessions = row.sessions.filter((session) => session.begins.startsWith(day));
  const bars = row.bars.filter(
    (bar) => bar.fromDay <= column && column <= bar.toDay && bar.state !== "DRAFT",
  );
  if (sessions.length + bars.length === 0) {
    return null;
  }
  return (
    <Box>
      <b>{rowName(row)}</b>:{" "}
      {[
        ...sessions.map(
          (session) =>
            `${time(session.begins)} ${words.substitute.sessions.toLowerCase()}, ${session.adult}${session.title ? ` (${session.title})` : ""}`,
        ),
        ...bars.map(words.bar),
      ].join("; ")}
    </Box>
  );
}
