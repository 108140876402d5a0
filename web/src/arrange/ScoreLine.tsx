import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import { useEffect, useMemo, useState } from "react";
import type { Schemas } from "../api/client";
import { Card } from "../shell/Card";
import { day } from "../shell/dates";
import { groupColour } from "../shell/groupLook";
import { scoreText } from "../shell/score";
import { CutHandle } from "./CutHandle";
import { type Scale, scaleFor, stack, ticks, xOf } from "./geometry";
import { Scatter } from "./Scatter";
import { useMeasuresToChoose } from "./useMeasuresToChoose";
import type { Selection } from "./useSelection";
import { useWidth } from "./useWidth";
import { words } from "./words";

const HEIGHT = 150;
const TALLEST_ROW = 20;

interface Props {
  bench: Schemas["BenchView"];
  selection: Selection;
  onCut: (cut: Schemas["CutShown"], value: number) => void;
}

/** Every student at their score: equal scores stacked, gaps visible as gaps, cuts to drag. */
export function ScoreLine({ bench, selection, onCut }: Props) {
  const [ref, width] = useWidth();
  const [secondId, setSecondId] = useState(bench.secondMeasureId);
  useEffect(() => setSecondId(bench.secondMeasureId), [bench.secondMeasureId]);
  const values = useMemo(() => bench.students.flatMap((each) => each.value ?? []), [bench.students]);
  const newest = bench.students
    .flatMap((each) => each.takenOn ?? [])
    .sort()
    .at(-1);
  return (
    <Card
      component="section"
      aria-label={words.line}
      sx={{ flex: "1 1 460px", minWidth: 0, px: 2, py: 1.25 }}
    >
      <Box sx={{ display: "flex", alignItems: "baseline", flexWrap: "wrap", columnGap: 1 }}>
        <Box component="h2" sx={{ fontSize: 14 }}>
          {bench.measure.name}
        </Box>
        <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5, flex: 1 }}>
          {newest && `${day(newest)} · `}
          {words.lineAbout(bench)}
        </Box>
        <SecondMeasure bench={bench} chosen={secondId} onChoose={setSecondId} />
      </Box>
      <Box ref={ref} sx={{ position: "relative", minHeight: HEIGHT + 26 }}>
        {secondId !== undefined ? (
          width > 0 && <Scatter bench={bench} secondId={secondId} selection={selection} width={width} />
        ) : values.length === 0 ? (
          <Box sx={{ pt: 6, color: "var(--z-soft)" }}>{words.nobodyOnLine}</Box>
        ) : (
          width > 0 && (
            <Line bench={bench} selection={selection} onCut={onCut} width={width} values={values} />
          )
        )}
      </Box>
    </Card>
  );
}

interface SecondProps {
  bench: Schemas["BenchView"];
  chosen: number | undefined;
  onChoose: (measureId: number | undefined) => void;
}

/** A second measure turns the line into a scatter. */
function SecondMeasure({ bench, chosen, onChoose }: SecondProps) {
  const measures = useMeasuresToChoose().filter(
    (each) => bench.lineKind !== "MEASURE" || each.id !== bench.measure.id,
  );
  return (
    <Box component="label" className="no-print" sx={{ fontSize: 12.5, color: "var(--z-soft)" }}>
      {words.scatter.beside}{" "}
      <Box
        component="select"
        value={chosen ?? ""}
        onChange={(event: React.ChangeEvent<HTMLSelectElement>) =>
          onChoose(event.target.value === "" ? undefined : Number(event.target.value))
        }
        sx={{
          font: "inherit",
          color: "var(--z-ink)",
          bgcolor: "var(--z-card)",
          border: "1px solid var(--z-line)",
          borderRadius: "8px",
          maxWidth: 190,
        }}
      >
        <option value="">{words.scatter.none}</option>
        {measures.map((each) => (
          <option key={each.id} value={each.id}>
            {each.name}
          </option>
        ))}
      </Box>
    </Box>
  );
}

function Line({ bench, selection, onCut, width, values }: Props & { width: number; values: number[] }) {
  const scale = useMemo(() => scaleFor(values), [values]);
  const mirrored = bench.measure.lowerIsBetter;
  const at = (value: number) => xOf(value, scale, width, mirrored);
  return (
    <>
      <Gaps bench={bench} at={at} />
      {bench.bands.map((band) => (
        <BandLine key={band.name} band={band} x={at(band.score)} width={width} />
      ))}
      <Box
        sx={{ position: "absolute", top: HEIGHT, left: 0, right: 0, borderTop: "1px solid var(--z-soft)" }}
      />
      <Ticks scale={scale} measure={bench.measure} at={at} taken={bench.cuts.map((cut) => at(cut.value))} />
      <Tokens bench={bench} selection={selection} at={at} />
      {bench.cuts.map((cut) => (
        <CutHandle
          key={`${cut.lowerGroupId}-${cut.upperGroupId}`}
          cut={cut}
          bench={bench}
          scale={scale}
          width={width}
          height={HEIGHT}
          onCut={(value) => onCut(cut, value)}
        />
      ))}
    </>
  );
}

function Gaps({ bench, at }: { bench: Schemas["BenchView"]; at: (value: number) => number }) {
  const groups = new Map(bench.groups.map((group) => [group.id, group]));
  return bench.cuts.map((cut) => {
    const lower = groups.get(cut.lowerGroupId);
    const upper = groups.get(cut.upperGroupId);
    const from = bench.measure.lowerIsBetter ? lower?.lowest : lower?.highest;
    const to = bench.measure.lowerIsBetter ? upper?.highest : upper?.lowest;
    if (from === undefined || to === undefined || from === to) {
      return null;
    }
    const [left, right] = [at(from), at(to)];
    const points = Math.round(Math.abs(to - from) * 100) / 100;
    return (
      <Box
        key={cut.lowerGroupId}
        sx={{
          position: "absolute",
          left,
          width: right - left,
          top: HEIGHT - 22,
          height: 22,
          bgcolor: "var(--z-saffronWash)",
          borderRadius: "8px",
          fontSize: 12,
          color: "var(--z-soft)",
          overflow: "hidden",
          whiteSpace: "nowrap",
          pl: `${at(cut.value) - left + 10}px`,
        }}
      >
        {right - at(cut.value) > 70 && words.gap({ points })}
      </Box>
    );
  });
}

function BandLine({ band, x, width }: { band: Schemas["BandCut"]; x: number; width: number }) {
  if (x < 0 || x > width) {
    return null;
  }
  return (
    <Box
      sx={{
        position: "absolute",
        left: x,
        top: 0,
        height: HEIGHT,
        borderLeft: "1px dotted var(--z-soft)",
        pl: 0.5,
        fontSize: 12,
        color: "var(--z-soft)",
        whiteSpace: "nowrap",
      }}
    >
      {band.name}
    </Box>
  );
}

interface TicksProps {
  measure: Schemas["MeasureCard"];
  scale: Scale;
  at: (value: number) => number;
  /** Where the values of cuts stand already. */
  taken: number[];
}

function Ticks({ scale, measure, at, taken }: TicksProps) {
  const whole = measure.levels.length > 0;
  const free = ticks(scale)
    .filter((tick) => !whole || measure.levels[tick] !== undefined)
    .filter((tick) => taken.every((x) => Math.abs(x - at(tick)) > 42));
  return free.map((tick) => (
    <Box
      key={tick}
      sx={{
        position: "absolute",
        left: at(tick),
        top: HEIGHT + 4,
        transform: "translateX(-50%)",
        fontSize: 12,
        color: "var(--z-soft)",
        whiteSpace: "nowrap",
      }}
    >
      {scoreText(tick, measure)}
    </Box>
  ));
}

function Tokens({
  bench,
  selection,
  at,
}: {
  bench: Schemas["BenchView"];
  selection: Selection;
  at: (value: number) => number;
}) {
  const looks = new Map(bench.groups.map((group) => [group.id, group.look]));
  const byId = new Map(bench.students.map((each) => [each.id, each]));
  const tokens = bench.students.flatMap((each) =>
    each.value === undefined
      ? []
      : [{ id: each.id, centre: at(each.value), width: Math.max(28, each.givenName.length * 7.4 + 16) }],
  );
  const stacked = stack(tokens, 2);
  const rows = Math.max(...stacked.map((token) => token.row)) + 1;
  const height = Math.min(TALLEST_ROW, (HEIGHT - 20) / rows);
  return stacked.map((token) => {
    const student = byId.get(token.id);
    const look = student?.groupId === undefined ? undefined : looks.get(student.groupId);
    const colour = look === undefined ? "var(--z-soft)" : groupColour(look);
    const chosen = selection.has(token.id);
    return (
      <ButtonBase
        key={token.id}
        tabIndex={-1}
        aria-hidden="true"
        onClick={(event) => selection.click(token.id, event)}
        sx={{
          position: "absolute",
          left: token.centre - token.width / 2,
          width: token.width,
          top: HEIGHT - 6 - (token.row + 1) * height,
          height: Math.max(8, height - 3),
          borderRadius: 99,
          border: `1px ${look === undefined ? "dashed" : "solid"} ${colour}`,
          bgcolor: chosen ? colour : "var(--z-card)",
          color: chosen ? "var(--z-card)" : colour,
          font: "inherit",
          fontWeight: 700,
          fontSize: height > 12 ? 12 : 8,
        }}
      >
        {student?.givenName}
      </ButtonBase>
    );
  });
}
