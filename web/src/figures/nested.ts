/**
 * Geometry of a schedule: the ends of its stack and blocks side by side on one line, all to one scale, each
 * tapering into the one bar of the next block it was drawn down to. No React in here.
 */

export interface Made {
  /** Pieces it is laid of; 1 for the finished bar. */
  readonly pieces: number;
  readonly heightMm: number;
  readonly widthMm: number;
}

export interface NestedBlock {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Where one piece ends and the next begins, y. */
  readonly joints: readonly number[];
}

export interface Taper {
  /** From the block's face to the bar it becomes: four corners. */
  readonly points: readonly (readonly [x: number, y: number])[];
  /** How many of them are laid. */
  readonly times: number;
  readonly x: number;
}

/** Room a taper takes along the line, px. */
export const TAPER = 30;

/** Pixels per millimetre at which the longest row of several schedules fits into a width; at most `most`. */
export function nestedScale(all: readonly (readonly Made[])[], width: number, most: number): number {
  const fits = all.map(
    (shapes) =>
      (width - (shapes.length - 1) * TAPER) /
      Math.max(
        1,
        shapes.reduce((sum, s) => sum + s.widthMm, 0),
      ),
  );
  return Math.max(0.1, Math.min(most, ...fits));
}

/** How high a schedule is drawn, px. */
export const nestedHeight = (shapes: readonly Made[], scale: number): number =>
  Math.ceil(Math.max(...shapes.map((s) => s.heightMm)) * scale);

/** Lays a schedule out on a base line at `height`, px. */
export function nested(
  shapes: readonly Made[],
  scale: number,
  height: number,
): { readonly blocks: readonly NestedBlock[]; readonly tapers: readonly Taper[]; readonly width: number } {
  const blocks: NestedBlock[] = [];
  const tapers: Taper[] = [];
  let x = 0;
  shapes.forEach((shape, i) => {
    const high = Math.max(1, shape.heightMm * scale);
    const wide = Math.max(1.5, shape.widthMm * scale);
    const y = height - high;
    const before = blocks[i - 1];
    if (before) {
      const bar = high / shape.pieces;
      tapers.push({
        points: [
          [before.x + before.width, before.y],
          [x, height - bar],
          [x, height],
          [before.x + before.width, height],
        ],
        times: shape.pieces,
        x: before.x + before.width + TAPER / 2,
      });
    }
    blocks.push({
      x,
      y,
      width: wide,
      height: high,
      joints: Array.from({ length: shape.pieces - 1 }, (_, k) => y + (high * (k + 1)) / shape.pieces),
    });
    x += wide + TAPER;
  });
  return { blocks, tapers, width: Math.max(0, x - TAPER) };
}
