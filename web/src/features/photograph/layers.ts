import type { Counted, CountLine } from './api';

/** Layers on a line, edited by hand. Boundaries are shares of the line's length. No React in here. */

/** A count as it is shown and kept. */
export interface Reading {
  readonly line: CountLine | null;
  readonly boundaries: readonly number[];
  readonly count: number;
  readonly low: number;
  readonly high: number;
}

export const readingOf = ({ line, boundaries, count, low, high }: Counted): Reading => ({
  line,
  boundaries,
  count,
  low,
  high,
});

/** Across the middle of the picture, where no line was found. */
export const MIDDLE: CountLine = { x1: 0.15, y1: 0.5, x2: 0.85, y2: 0.5 };

/** Widths of the layers in between, ascending. */
const widths = (boundaries: readonly number[]) =>
  boundaries
    .slice(1)
    .map((b, i) => b - (boundaries[i] ?? b))
    .sort((a, b) => a - b);

/** Half of the layers are thinner; 0 where there is none. */
export function usualWidth(boundaries: readonly number[]): number {
  const all = widths(boundaries);
  return all[Math.floor(all.length / 2)] ?? 0;
}

/** A tap nearer to a boundary than this share of a layer means the boundary. */
const NEAR = 0.3;

/** Takes the boundary away that was tapped, or puts one where none is. What a person marked is counted, and no range. */
export function tapped(reading: Reading, at: number): Reading {
  const near = NEAR * usualWidth(reading.boundaries);
  const hit = reading.boundaries.findIndex((b) => Math.abs(b - at) < near);
  const boundaries =
    hit < 0
      ? [...reading.boundaries, at].sort((a, b) => a - b)
      : reading.boundaries.filter((_, i) => i !== hit);
  const count = Math.max(1, boundaries.length - 1);
  return { ...reading, boundaries, count, low: count, high: count };
}

/** A count that was typed: of one's own eye, so without marks unless they say the same. */
export const typed = (reading: Reading, count: number): Reading =>
  count === reading.boundaries.length - 1
    ? { ...reading, count, low: count, high: count }
    : { line: null, boundaries: [], count, low: count, high: count };

/** How wide a strip is drawn, px, so that a usual layer can be tapped with a thumb. */
const THUMB_PX = 30;
const WIDEST_PX = 12_000;

export function stripWidth(boundaries: readonly number[], least: number): number {
  const usual = usualWidth(boundaries);
  return usual === 0 ? least : Math.min(WIDEST_PX, Math.max(least, Math.round(THUMB_PX / usual)));
}

/** The part of the line that the strip shows: all of it and of the layers at its ends. */
export function stripRange(boundaries: readonly number[]): readonly [from: number, to: number] {
  const first = Math.min(0, boundaries[0] ?? 0);
  const last = Math.max(1, boundaries.at(-1) ?? 1);
  const margin = 0.02 * (last - first);
  return [first - margin, last + margin];
}
