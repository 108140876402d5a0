import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import { useQuery } from "@tanstack/react-query";
import { useVirtualizer } from "@tanstack/react-virtual";
import { useRef } from "react";
import { useSearchParams } from "react-router";
import type { Schemas } from "../api/client";
import { classesQuery } from "../api/queries";
import type { Selection } from "../arrange/useSelection";
import { useFocus } from "../shell/focus";
import { useMayChange } from "../shell/role";
import { usePrinting } from "../shell/usePrinting";
import { changed, type Narrowing, nextSort } from "./narrowing";
import { StudentRow } from "./StudentRow";
import { words } from "./words";

interface Props {
  screen: Schemas["StudentsShown"];
  narrowing: Narrowing;
  open: number | null;
  onOpen: (id: number) => void;
  selection: Selection;
}

const ROW = 29;

const tableStyle = {
  borderCollapse: "collapse",
  width: "100%",
  "& th": {
    bgcolor: "var(--z-sunk)",
    fontSize: 12.5,
    textAlign: "left",
    px: 1.25,
    py: 1,
    position: "sticky",
    top: 0,
    zIndex: 1,
    whiteSpace: "nowrap",
  },
  "& td": { px: 1.25, height: ROW, whiteSpace: "nowrap" },
  "& tbody tr": { borderTop: "1px solid var(--z-line)" },
  "& .number": { textAlign: "right" },
  "@media print": {
    fontSize: 11,
    "& th, & td": { px: 0.5 },
    "& th:first-of-type, & td:first-of-type": { display: "none" },
  },
  "& input[type=checkbox]": { width: 16, height: 16, accentColor: "var(--z-aubergine)", display: "block" },
} as const;

/** Everybody in one dense table. Only rows in sight are drawn, so that a whole school scrolls like a class. */
export function StudentTable({ screen, narrowing, open, onOpen, selection }: Props) {
  const focus = useFocus();
  const scroller = useRef<HTMLDivElement>(null);
  const rows = useVirtualizer({
    count: screen.students.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW + 1,
    overscan: 20,
    initialRect: { width: 1000, height: 1000 },
  });
  const printing = usePrinting();
  const inSight = rows.getVirtualItems();
  const above = printing ? 0 : (inSight[0]?.start ?? 0);
  const below = printing ? 0 : rows.getTotalSize() - (inSight[inSight.length - 1]?.end ?? 0);
  const shown = printing ? [...screen.students.keys()] : inSight.map((each) => each.index);
  const classes = useQuery(classesQuery).data;
  const mayPlace = useMayChange();
  const measures = focus.projector ? [] : screen.measures;
  const arrangements = screen.arrangements.filter((each) => each.classId === focus.classId);
  const columns = 4 + measures.length + arrangements.length;
  const span = widestSpan(screen, measures[0]?.id);
  return (
    <Box
      ref={scroller}
      sx={{ overflow: "auto", flex: 1, minWidth: 0, "@media print": { overflow: "visible" } }}
      tabIndex={-1}
    >
      <Box component="table" sx={tableStyle} aria-rowcount={screen.students.length + 1}>
        <TableHead
          screen={screen}
          measures={measures}
          arrangements={arrangements}
          narrowing={narrowing}
          selection={selection}
        />
        <tbody>
          {above > 0 && <Gap height={above} columns={columns} />}
          {shown.map((place) => {
            const student = screen.students[place];
            return (
              student && (
                <StudentRow
                  key={student.id}
                  place={place}
                  student={student}
                  measures={measures}
                  arrangements={arrangements}
                  span={span}
                  open={student.id === open}
                  onOpen={onOpen}
                  selection={selection}
                  mayPlace={mayPlace}
                  now={classes?.now ?? ""}
                  zone={classes?.zone ?? "UTC"}
                />
              )
            );
          })}
          {below > 0 && <Gap height={below} columns={columns} />}
        </tbody>
      </Box>
    </Box>
  );
}

function Gap({ height, columns }: { height: number; columns: number }) {
  return (
    <tr style={{ border: 0 }}>
      <td colSpan={columns} style={{ height, padding: 0 }} />
    </tr>
  );
}

interface HeadProps {
  screen: Schemas["StudentsShown"];
  measures: Schemas["MeasureCard"][];
  arrangements: Schemas["ArrangementShown"][];
  narrowing: Narrowing;
  selection: Selection;
}

function TableHead({ screen, measures, arrangements, narrowing, selection }: HeadProps) {
  const { projector } = useFocus();
  const all = screen.students.length > 0 && screen.students.every((each) => selection.has(each.id));
  return (
    <thead>
      <tr>
        <Box component="th" sx={{ width: 34 }}>
          <input
            type="checkbox"
            aria-label={words.selectAll}
            checked={all}
            onChange={() => (all ? selection.clear() : selection.all())}
          />
        </Box>
        <SortHead column="name" label={words.name} narrowing={narrowing} />
        {measures.map((measure, i) => (
          <MeasureHead key={measure.id} measure={measure} withLine={i === 0} narrowing={narrowing} />
        ))}
        {screen.needsShown && !projector && <th>{words.needs}</th>}
        {arrangements.map((each) => (
          <th key={each.id}>{each.name}</th>
        ))}
        <SortHead column="lastHere" label={words.lastHere} narrowing={narrowing} />
      </tr>
    </thead>
  );
}

interface MeasureHeadProps {
  measure: Schemas["MeasureCard"];
  withLine: boolean;
  narrowing: Narrowing;
}

function MeasureHead({ measure, withLine, narrowing }: MeasureHeadProps) {
  return (
    <>
      <SortHead column={`m${measure.id}`} label={measure.name} narrowing={narrowing} number />
      {withLine && <th>{words.since}</th>}
    </>
  );
}

interface SortProps {
  column: string;
  label: string;
  narrowing: Narrowing;
  number?: boolean;
}

function SortHead({ column, label, narrowing, number }: SortProps) {
  const [, setSearch] = useSearchParams();
  const sorted = (narrowing.sort ?? "name") === column;
  const direction = narrowing.descending ? "descending" : "ascending";
  return (
    <Box
      component="th"
      aria-sort={sorted ? direction : "none"}
      sx={{ "&&": { textAlign: number ? "right" : "left" } }}
    >
      <ButtonBase
        aria-label={words.sortBy({ column: label })}
        onClick={() => setSearch((search) => changed(search, nextSort(narrowing, column)), { replace: true })}
        sx={{ font: "inherit", fontWeight: 700 }}
      >
        {label}
        {sorted && (narrowing.descending ? " ↓" : " ↑")}
      </ButtonBase>
    </Box>
  );
}

/** How far the values of the student who changed most lie apart, so that steep is steep in every row. */
function widestSpan(screen: Schemas["StudentsShown"], measureId: number | undefined): number {
  const histories = screen.students.flatMap((each) =>
    each.scores.filter((score) => score.measureId === measureId).map((score) => score.history),
  );
  return Math.max(1, ...histories.map((values) => Math.max(...values) - Math.min(...values)));
}
