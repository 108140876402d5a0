import Box from "@mui/material/Box";
import type { Schemas } from "../../api/client";
import { Card } from "../../shell/Card";
import { useFocus } from "../../shell/focus";
import { type GridProps, HEAD } from "./grid";
import { WeekRow } from "./WeekRow";
import { words } from "./words";

/** Rows of groups, columns of days; at the foot the fullest group of each day. */
export function WeekGrid({ week, deeds, onAdd, onOpen }: GridProps) {
  const { group } = useFocus();
  const columns = `${HEAD}px repeat(${week.days.length}, minmax(0, 1fr))`;
  const rows = week.rows.filter(
    (row) => group === "everyone" || row.kind === "EVERYONE" || row.groupId === group,
  );
  const empty = week.rows.every((row) => row.bars.length === 0 && row.sessions.length === 0);
  return (
    <Card sx={{ overflow: "hidden" }}>
      <Box sx={{ display: "grid", gridTemplateColumns: columns }}>
        <Box />
        {week.days.map((day) => (
          <DayHead key={day.day} day={day} today={week.today} />
        ))}
      </Box>
      {rows.map((row) => (
        <WeekRow
          key={row.groupId ?? row.kind}
          row={row}
          week={week}
          columns={columns}
          deeds={deeds}
          onAdd={onAdd}
          onOpen={onOpen}
        />
      ))}
      {empty && <Box sx={{ p: 2, borderTop: "1px solid var(--z-line)" }}>{words.none}</Box>}
      <Box sx={{ display: "grid", gridTemplateColumns: columns, borderTop: "1px solid var(--z-line)" }}>
        <Box sx={{ px: 1.25, py: 1, fontSize: 12.5, color: "var(--z-soft)" }}>{words.longest}</Box>
        {week.days.map((day) => (
          <Box
            key={day.day}
            title={day.longest?.tooFull ? words.tooFull({ limit: week.minutesPerDay }) : undefined}
            sx={{
              borderLeft: "1px solid var(--z-line)",
              px: 1.25,
              py: 1,
              fontSize: 12.5,
              color: day.longest?.tooFull ? "var(--z-clayText)" : "var(--z-soft)",
              fontWeight: day.longest?.tooFull ? 700 : 400,
            }}
          >
            {day.longest && words.fullest(day.longest)}
          </Box>
        ))}
      </Box>
    </Card>
  );
}

function DayHead({ day, today }: { day: Schemas["DayOfWeekShown"]; today: string }) {
  const isToday = day.day === today;
  return (
    <Box
      component="h2"
      sx={{
        fontSize: 14,
        borderLeft: "1px solid var(--z-line)",
        px: 1.25,
        py: 0.9,
        bgcolor: day.teaching ? undefined : "var(--z-sunk)",
        color: isToday ? "var(--z-saffron)" : "var(--z-ink)",
      }}
    >
      {words.day(day.day)}
      {isToday && words.today}
      {!day.teaching && (
        <Box
          component="span"
          sx={{ display: "block", fontWeight: 400, fontSize: 12.5, color: "var(--z-soft)" }}
        >
          {words.closed(day.closedBecause)}
        </Box>
      )}
    </Box>
  );
}
