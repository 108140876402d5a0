import Box from "@mui/material/Box";
import { type KeyboardEvent, type PointerEvent, useState } from "react";
import type { Schemas } from "../api/client";
import { useMayChange } from "../shell/role";
import { scoreText } from "../shell/score";
import { type Scale, valueAt, xOf } from "./geometry";
import { words } from "./words";

interface Props {
  cut: Schemas["CutShown"];
  bench: Schemas["BenchView"];
  scale: Scale;
  width: number;
  height: number;
  onCut: (value: number) => void;
}

/** A cut that can be dragged, or moved past one student at a time with the arrow keys. */
export function CutHandle({ cut, bench, scale, width, height, onCut }: Props) {
  const [dragged, setDragged] = useState<number | null>(null);
  const mayChange = useMayChange();
  const mirrored = bench.measure.lowerIsBetter;
  const value = dragged ?? cut.value;
  const name = (id: number) => bench.groups.find((group) => group.id === id)?.name ?? "";
  const move = (event: PointerEvent<HTMLDivElement>) => {
    if (event.currentTarget.hasPointerCapture(event.pointerId)) {
      const line = event.currentTarget.parentElement as HTMLElement;
      const x = event.clientX - line.getBoundingClientRect().left;
      setDragged(rounded(valueAt(Math.min(Math.max(x, 0), width), scale, width, mirrored), bench.measure));
    }
  };
  const drop = () => {
    if (dragged !== null && dragged !== cut.value) {
      onCut(dragged);
    }
    setDragged(null);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const next = nextCut(bench, cut, event.key);
    if (next !== undefined) {
      event.preventDefault();
      onCut(next);
    }
  };
  return (
    <Box
      role="slider"
      tabIndex={mayChange ? 0 : -1}
      aria-readonly={!mayChange}
      aria-label={words.cut({ lower: name(cut.lowerGroupId), upper: name(cut.upperGroupId) })}
      aria-valuenow={value}
      aria-valuemin={bench.measure.lowest}
      aria-valuemax={bench.measure.highest}
      onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
      onPointerMove={move}
      onPointerUp={drop}
      onPointerCancel={() => setDragged(null)}
      onKeyDown={onKeyDown}
      sx={{
        position: "absolute",
        left: xOf(value, scale, width, mirrored) - 8,
        width: 16,
        top: 2,
        height: height + 14,
        cursor: "ew-resize",
        pointerEvents: mayChange ? undefined : "none",
        touchAction: "none",
        zIndex: 2,
      }}
    >
      <Box
        sx={{
          position: "absolute",
          left: 6.5,
          width: 3,
          top: 0,
          height,
          bgcolor: "var(--z-aubergine)",
          borderRadius: "8px",
        }}
      />
      <Box
        sx={{
          position: "absolute",
          top: height - 6,
          left: 8,
          transform: "translateX(-50%)",
          bgcolor: "var(--z-aubergine)",
          color: "var(--z-card)",
          borderRadius: 99,
          px: 1,
          fontSize: 12,
          fontWeight: 700,
        }}
      >
        {/* Between two levels a number would say nothing. */}
        {bench.measure.levels.length > 0 ? "|" : scoreText(value, bench.measure)}
      </Box>
    </Box>
  );
}

/** To what a hand can mean: a digit of the measure, or halfway between two levels. */
function rounded(value: number, { levels, decimals }: Schemas["MeasureCard"]): number {
  const digit = 10 ** decimals;
  return levels.length > 0 ? Math.floor(value) + 0.5 : Math.round(value * digit) / digit;
}

/** A cut one student further in the direction of an arrow key: halfway to the student after. Whom no cut moves is passed over. */
function nextCut(bench: Schemas["BenchView"], cut: Schemas["CutShown"], key: string): number | undefined {
  const toRight = key === "ArrowRight";
  if (!toRight && key !== "ArrowLeft") {
    return undefined;
  }
  const both = [cut.lowerGroupId, cut.upperGroupId];
  const values = [
    ...new Set(
      bench.students
        .filter((each) => both.includes(each.groupId ?? 0) && !each.locked)
        .flatMap((each) => each.value ?? []),
    ),
  ].sort((a, b) => a - b);
  const up = toRight !== bench.measure.lowerIsBetter;
  const beyond = up
    ? values.filter((each) => each >= cut.value)
    : values.filter((each) => each < cut.value).reverse();
  const [passed, after] = beyond;
  if (passed === undefined || after === undefined) {
    return undefined;
  }
  return (passed + after) / 2;
}
