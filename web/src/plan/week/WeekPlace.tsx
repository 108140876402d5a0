import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import dayjs from "dayjs";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { weekQuery } from "../../api/planQueries";
import { PlaceHead } from "../../shell/Card";
import { useFocus } from "../../shell/focus";
import { type KeyHint, noKeys, useShowKeys } from "../../shell/keyHints";
import { Waiting } from "../../shell/Waiting";
import { AddDialog, type Adding } from "./AddDialog";
import { DragWeek } from "./DragWeek";
import { ReadyPanel } from "./ReadyPanel";
import { SubstitutePlan } from "./SubstitutePlan";
import { Undated } from "./Undated";
import { useWeekDeeds } from "./useWeekDeeds";
import { WeekDialogs } from "./WeekDialogs";
import { WeekGrid } from "./WeekGrid";
import { MoreMenu, PrintMenu } from "./WeekMenus";
import type { WeekOpen } from "./weekOpen";
import { words } from "./words";

const keys = (): readonly KeyHint[] => [
  [["A"], words.keys.add],
  [["D"], words.keys.days],
  [["C"], words.keys.copy],
];

/** The week by group: what each group works on, on which days, and who is at the table. */
export default function WeekPlace() {
  const { classId, arrangement } = useFocus();
  const [search, setSearch] = useSearchParams();
  const day = search.get("day") ?? undefined;
  const [adding, setAdding] = useState<Adding | null>(null);
  const [open, setOpen] = useState<WeekOpen>(null);
  const [substitute, setSubstitute] = useState(false);
  const deeds = useWeekDeeds();
  const week = useQuery({
    ...weekQuery(classId, day, arrangement?.id),
    placeholderData: keepPreviousData,
  }).data;
  useShowKeys(week?.mayChange ? keys : noKeys);
  if (!week) {
    return <Waiting />;
  }
  const go = (days: number) => setSearch({ day: dayjs(week.begins).add(days, "day").format("YYYY-MM-DD") });
  return (
    <>
      <Box className={substitute ? "no-print" : undefined}>
        <PlaceHead title={words.title(week.begins)} about={arrangement?.name ?? words.noArrangement}>
          <Button size="small" variant="text" onClick={() => go(-7)}>
            {words.before(week.begins)}
          </Button>
          {!isThisWeek(week) && (
            <Button size="small" variant="text" onClick={() => setSearch({})}>
              {words.thisWeek}
            </Button>
          )}
          <Button size="small" variant="text" onClick={() => go(7)}>
            {words.after(week.begins)}
          </Button>
          {week.mayChange && (
            <Button
              onClick={() =>
                deeds.shiftWeek.mutate({
                  copy: true,
                  begins: dayjs(week.begins).subtract(7, "day").format("YYYY-MM-DD"),
                  weeks: 1,
                })
              }
            >
              {words.copyLast}
            </Button>
          )}
          <PrintMenu onSubstitute={setSubstitute} />
          <MoreMenu week={week} deeds={deeds} onOpen={setOpen} />
          {week.mayChange && (
            <Button variant="contained" onClick={() => setAdding({})}>
              {words.newTask}
            </Button>
          )}
        </PlaceHead>
        <DragWeek deeds={deeds} onAdd={setAdding}>
          <Box sx={{ display: "flex", flexDirection: { xs: "column", md: "row" }, gap: 1.5, minHeight: 0 }}>
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <WeekGrid week={week} deeds={deeds} onAdd={setAdding} onOpen={setOpen} />
              <Undated week={week} deeds={deeds} onOpen={setOpen} />
            </Box>
            {week.mayChange && <ReadyPanel onAdd={setAdding} />}
          </Box>
        </DragWeek>
      </Box>
      {substitute && <SubstitutePlan week={week} />}
      {adding && <AddDialog week={week} adding={adding} deeds={deeds} onClose={() => setAdding(null)} />}
      <WeekDialogs open={open} week={week} deeds={deeds} onClose={() => setOpen(null)} />
    </>
  );
}

function isThisWeek(week: { begins: string; today: string }): boolean {
  const days = dayjs(week.today).diff(dayjs(week.begins), "day");
  return days >= 0 && days < 7;
}
