/** A token on the score line: where its middle should be and how wide it is, in pixels. */
export interface Token {
  id: number;
  centre: number;
  width: number;
}

export interface Stacked extends Token {
  /** 0 stands on the line, higher rows above it. */
  row: number;
}

/**
 * Stacks tokens so that none covers another: from left to right, each in the lowest row with room. Equal centres
 * keep the order given.
 */
export function stack(tokens: readonly Token[], gap: number): Stacked[] {
  const rightOfRow: number[] = [];
  return [...tokens]
    .sort((a, b) => a.centre - b.centre)
    .map((token) => {
      const left = token.centre - token.width / 2;
      const free = rightOfRow.findIndex((right) => right + gap <= left);
      const row = free < 0 ? rightOfRow.length : free;
      rightOfRow[row] = token.centre + token.width / 2;
      return { ...token, row };
    });
}

export interface Scale {
  from: number;
  to: number;
}

/** A stretch of the measure that shows all values with a little room on both sides. */
export function scaleFor(values: readonly number[]): Scale {
  const low = Math.min(...values);
  const high = Math.max(...values);
  const room = (high - low) * 0.07 || 1;
  return { from: low - room, to: high + room };
}

/** Where a value stands, in pixels; higher values to the right, or to the left where lower is better. */
export function xOf(value: number, scale: Scale, width: number, mirrored: boolean): number {
  const share = (value - scale.from) / (scale.to - scale.from);
  return (mirrored ? 1 - share : share) * width;
}

/** The value at a place on the line. */
export function valueAt(x: number, scale: Scale, width: number, mirrored: boolean): number {
  const share = mirrored ? 1 - x / width : x / width;
  return scale.from + share * (scale.to - scale.from);
}

/** Round values to write under the line, about {@link wanted} of them. */
export function ticks(scale: Scale, wanted = 7): number[] {
  const rough = (scale.to - scale.from) / wanted;
  const power = 10 ** Math.floor(Math.log10(rough));
  const step = [1, 2, 5, 10].map((factor) => factor * power).find((each) => each >= rough) ?? rough;
  const first = Math.ceil(scale.from / step) * step;
  const found: number[] = [];
  for (let value = first; value <= scale.to; value += step) {
    found.push(Number(value.toPrecision(10)));
  }
  return found;
}

/** A dot of a scatter: where it stands and how wide its name is, in pixels. */
export interface Named {
  id: number;
  x: number;
  y: number;
  width: number;
}

export interface Placed {
  x: number;
  y: number;
  /** From the dot to the left upper corner of the name; absent where no place was free. */
  label?: { dx: number; dy: number };
}

interface Area {
  left: number;
  top: number;
  right: number;
  bottom: number;
}

const NAME_HEIGHT = 14;
const DOT = 6;

/** Puts names beside their dots so that none covers another or a dot; a name that finds no room is left out. */
export function placeLabels(dots: readonly Named[], width: number): Map<number, Placed> {
  const taken: Area[] = dots.map(({ x, y }) => ({
    left: x - DOT,
    top: y - DOT,
    right: x + DOT,
    bottom: y + DOT,
  }));
  const placed = new Map<number, Placed>();
  for (const dot of dots) {
    const places = [
      { dx: DOT + 1, dy: -NAME_HEIGHT / 2 },
      { dx: -DOT - 1 - dot.width, dy: -NAME_HEIGHT / 2 },
      { dx: -dot.width / 2, dy: -DOT - NAME_HEIGHT },
      { dx: -dot.width / 2, dy: DOT },
    ];
    const label = places.find((each) => {
      const area = areaOf(dot, each);
      return (
        area.left >= 0 &&
        area.right <= width &&
        area.top >= 0 &&
        taken.every((other) => !overlap(area, other))
      );
    });
    if (label) {
      taken.push(areaOf(dot, label));
    }
    placed.set(dot.id, { x: dot.x, y: dot.y, label });
  }
  return placed;
}

function areaOf(dot: Named, at: { dx: number; dy: number }): Area {
  const left = dot.x + at.dx;
  const top = dot.y + at.dy;
  return { left, top, right: left + dot.width, bottom: top + NAME_HEIGHT };
}

function overlap(one: Area, other: Area): boolean {
  return one.left < other.right && other.left < one.right && one.top < other.bottom && other.top < one.bottom;
}
