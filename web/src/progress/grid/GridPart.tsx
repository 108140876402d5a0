import Box from "@mui/material/Box";
import { useQuery } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { progressQuery } from "../../api/progressQueries";
import { classesQuery } from "../../api/queries";
import { Card } from "../../shell/Card";
import { useFocus } from "../../shell/focus";
import { type KeyHint, noKeys, useShowKeys } from "../../shell/keyHints";
import { useTypedKeys } from "../../shell/useTypedKeys";
import { Waiting } from "../../shell/Waiting";
import { TryDialog } from "../trying/TryDialog";
import { CellPanel } from "./CellPanel";
import { FilterBar } from "./FilterBar";
import { Grid } from "./Grid";
import { columnsShown, type Filter, isWanted } from "./gridFilter";
import { allOf, chosen, NOTHING, nameOf, type Selection, workOf } from "./selection";
import { TryAgainDialog } from "./TryAgainDialog";
import { useCellActs } from "./useCellActs";
import { words } from "./words";

const keys = (): readonly KeyHint[] => [
  [["T"], words.keys.again],
  [["E"], words.keys.excuse],
  [["X"], words.keys.extend],
  [["R"], words.keys.remind],
];

/** The grid, what it is narrowed to, and at its side what is selected. */
export default function GridPart() {
  const { classId, arrangement, group: focused } = useFocus();
  const grid = useQuery(progressQuery(classId, arrangement?.id)).data;
  const today = useQuery(classesQuery).data?.now.slice(0, 10) ?? "";
  const [filter, setFilter] = useState<Filter>({ when: "FOUR", which: "ALL" });
  const [selection, setSelection] = useState<Selection>(NOTHING);
  const [open, setOpen] = useState<number | null>(null);
  const [trying, setTrying] = useState(false);
  const [scroll, setScroll] = useState<HTMLElement | null>(null);
  const acts = useCellActs();
  const groups = useMemo(
    () =>
      (grid?.groups ?? []).filter(
        (group) =>
          focused === "everyone" || (focused === "none" ? group.id === undefined : group.id === focused),
      ),
    [grid, focused],
  );
  const columns = useMemo(() => (grid ? columnsShown(grid, filter, today) : []), [grid, filter, today]);
  const cells = [...selection].map(workOf);
  const may = grid?.mayChange === true && cells.length > 0;
  useShowKeys(grid?.mayChange ? keys : noKeys);
  useTypedKeys({
    t: () => may && setTrying(true),
    e: () => may && acts.excuse(cells, true),
    x: () => may && acts.extend(cells),
    r: () => may && acts.remind(cells),
    escape: () => setSelection(NOTHING),
  });
  if (!grid) {
    return <Waiting />;
  }
  const chooseColumn = (taskId: number) => {
    const column = grid.tasks.findIndex((task) => task.id === taskId);
    const names = groups.flatMap((group) =>
      group.students
        .filter((student) =>
          student.cells.some((cell) => cell.column === column && isWanted(cell, filter.which)),
        )
        .map((student) => nameOf(taskId, student.id)),
    );
    setSelection((now) => allOf(now, names));
  };
  return (
    <>
      <FilterBar filter={filter} onFilter={setFilter} />
      <Box sx={{ display: "flex", gap: 1.5, flex: 1, minHeight: 0 }}>
        <Card
          ref={setScroll}
          role="region"
          aria-label={words.about}
          tabIndex={0}
          sx={{ flex: 1, minWidth: 0, overflow: "auto", "@media print": { overflow: "visible" } }}
        >
          {columns.length === 0 ? (
            <Box sx={{ p: 3 }}>{grid.tasks.length === 0 ? words.none : words.noneInDates}</Box>
          ) : (
            <Grid
              scroll={scroll}
              groups={groups}
              tasks={grid.tasks}
              columns={columns}
              which={filter.which}
              selection={selection}
              onChoose={(name, more) => setSelection((now) => chosen(now, name, more))}
              onChooseColumn={chooseColumn}
            />
          )}
        </Card>
        {selection.size > 0 && (
          <CellPanel
            grid={grid}
            selection={selection}
            acts={acts}
            onRead={setOpen}
            onTryAgain={() => setTrying(true)}
            onClose={() => setSelection(NOTHING)}
          />
        )}
      </Box>
      {open !== null && <TryDialog tryId={open} onClose={() => setOpen(null)} />}
      {trying && <TryAgainDialog cells={cells} onClose={() => setTrying(false)} />}
    </>
  );
}
