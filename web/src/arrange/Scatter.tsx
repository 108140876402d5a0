import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import type { Schemas } from "../api/client";
import { secondMeasureQuery } from "../api/queries";
import { groupColour } from "../shell/groupLook";
import { scoreText } from "../shell/score";
import { type Placed, placeLabels, scaleFor, ticks, xOf } from "./geometry";
import type { Selection } from "./useSelection";
import { words } from "./words";

interface Props {
  bench: Schemas["BenchView"];
  secondId: number;
  selection: Selection;
  width: number;
}

const HEIGHT = 300;
const LEFT = 46;
const BOTTOM = 26;
/** Where the name of the upward measure stands. */
const TOP = 22;

/** Students by two measures at once: the line's measure across, the second one upwards. Better is right and up. */
export function Scatter({ bench, secondId, selection, width }: Props) {
  const second = useQuery(secondMeasureQuery(bench.id, secondId)).data;
  const dots = useMemo(() => dotsOf(bench, second), [bench, second]);
  if (!second || dots.length === 0) {
    return <Box sx={{ height: HEIGHT, color: "var(--z-soft)", pt: 6 }}>{second && words.nobodyOnLine}</Box>;
  }
  const across = scaleFor(dots.map((each) => each.x));
  const up = scaleFor(dots.map((each) => each.y));
  const plotWidth = width - LEFT;
  const plotHeight = HEIGHT - BOTTOM;
  const xAt = (value: number) => LEFT + xOf(value, across, plotWidth, bench.measure.lowerIsBetter);
  const yAt = (value: number) => plotHeight - xOf(value, up, plotHeight - TOP, second.measure.lowerIsBetter);
  const placed = placeLabels(
    dots.map((each) => ({ id: each.id, x: xAt(each.x), y: yAt(each.y), width: labelWidth(each.name) })),
    width,
  );
  return (
    <>
      <Box
        role="group"
        aria-label={words.scatter.label({ across: bench.measure.name, up: second.measure.name })}
        sx={{ position: "relative", height: HEIGHT }}
      >
        <Axes left={LEFT} bottom={BOTTOM} />
        <Tick sx={{ left: LEFT + 6, top: 0 }}>{words.scatter.up(second.measure.name)}</Tick>
        {ticks(across).map((tick) => (
          <Tick key={tick} sx={{ left: xAt(tick), bottom: 0, transform: "translateX(-50%)" }}>
            {scoreText(tick, bench.measure)}
          </Tick>
        ))}
        {ticks(up, 5).map((tick) => (
          <Tick
            key={tick}
            sx={{ left: 0, top: yAt(tick), width: LEFT - 6, textAlign: "right", translate: "0 -50%" }}
          >
            {scoreText(tick, second.measure)}
          </Tick>
        ))}
        <Dots bench={bench} dots={dots} placed={placed} selection={selection} />
      </Box>
      <Box sx={{ display: "flex", fontSize: 12.5, color: "var(--z-soft)" }}>
        <Box sx={{ flex: 1 }}>
          {dots.length < bench.students.length &&
            words.scatter.missing({ count: bench.students.length - dots.length })}
        </Box>
        {words.scatter.across(bench.measure.name)}
      </Box>
    </>
  );
}

interface Dot {
  id: number;
  name: string;
  x: number;
  y: number;
}

function dotsOf(bench: Schemas["BenchView"], second: Schemas["SecondMeasure"] | undefined): Dot[] {
  const values = new Map(second?.values.map((each) => [each.id, each.value]));
  return bench.students.flatMap(({ id, givenName, value }) => {
    const y = values.get(id);
    return value === undefined || y === undefined ? [] : [{ id, name: givenName, x: value, y }];
  });
}

function labelWidth(name: string): number {
  return name.length * 6.6 + 4;
}

function Axes({ left, bottom }: { left: number; bottom: number }) {
  return (
    <Box
      sx={{
        position: "absolute",
        left,
        right: 0,
        top: 0,
        bottom,
        borderLeft: "1px solid var(--z-soft)",
        borderBottom: "1px solid var(--z-soft)",
      }}
    />
  );
}

function Tick({ children, sx }: { children: string; sx: Record<string, string | number> }) {
  return (
    <Box component="span" sx={{ position: "absolute", fontSize: 12, color: "var(--z-soft)", ...sx }}>
      {children}
    </Box>
  );
}

interface DotsProps {
  bench: Schemas["BenchView"];
  dots: Dot[];
  placed: Map<number, Placed>;
  selection: Selection;
}

function Dots({ bench, dots, placed, selection }: DotsProps) {
  const looks = new Map(bench.groups.map((group) => [group.id, group.look]));
  const groupOf = new Map(bench.students.map((each) => [each.id, each.groupId]));
  return dots.map((dot) => {
    const place = placed.get(dot.id);
    const look = looks.get(groupOf.get(dot.id) ?? -1);
    const colour = look === undefined ? "var(--z-soft)" : groupColour(look);
    const chosen = selection.has(dot.id);
    return place === undefined ? null : (
      <ButtonBase
        key={dot.id}
        tabIndex={-1}
        aria-hidden="true"
        onClick={(event) => selection.click(dot.id, event)}
        sx={{ position: "absolute", left: place.x - 5, top: place.y - 5, font: "inherit" }}
      >
        <Box
          sx={{
            width: 10,
            height: 10,
            borderRadius: 99,
            border: `2px solid ${colour}`,
            bgcolor: chosen ? colour : "var(--z-card)",
          }}
        />
        {place.label !== undefined && (
          <Box
            component="span"
            sx={{
              position: "absolute",
              left: place.label.dx + 5,
              top: place.label.dy + 5,
              fontSize: 12,
              lineHeight: "14px",
              color: colour,
              fontWeight: chosen ? 700 : 400,
              whiteSpace: "nowrap",
            }}
          >
            {dot.name}
          </Box>
        )}
      </ButtonBase>
    );
  });
}
