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
  const room = Math.max((high - low) * 0.07, 1);
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
