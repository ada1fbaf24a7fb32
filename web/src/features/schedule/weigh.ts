import * as texts from 'texts/schedule/weigh';
import { countIn, type Units } from '../../units';
import type { Asked, Way } from './api';

/** What ways are weighed by, for lists and plots. No React in here. */

export type Axis = 'welds' | 'faces' | 'steel' | 'time' | 'risk' | 'count' | 'even';

/** Whether the start's length is given, so that the finished bar's is what differs. */
export const isGiven = (asked: Asked) => asked.from.kind !== 'STACKS';

export const AXIS_NAME: Record<Axis, string> = {
  welds: texts.welds,
  faces: texts.jointFaces,
  steel: texts.steel,
  time: texts.hours,
  risk: texts.risk,
  count: texts.layers,
  even: texts.broadSheets,
};

/** The figure shown for a way; what is drawn on an axis. */
export function valueOf(way: Way, axis: Axis, given: boolean): number {
  switch (axis) {
    case 'welds':
      return way.welds;
    case 'faces':
      return way.faces;
    case 'steel':
      return given ? way.finishedMm : way.startKg;
    case 'time':
      return way.minutes / 60;
    case 'risk':
      return 1 - way.chance;
    case 'count':
      return way.visible;
    case 'even':
      return way.coarsePercent;
  }
}

/** The same in the reader's units, for an axis with round figures. */
export function shownOf(way: Way, axis: Axis, given: boolean, units: Units): number {
  const value = valueOf(way, axis, given);
  if (axis !== 'steel') return value;
  return countIn(given ? 'length' : 'mass', value, units);
}

/** What a way is ordered by: less is better. */
const costOf = (way: Way, axis: Axis, given: boolean): number =>
  axis === 'count' ? way.distance : axis === 'steel' && given ? -way.finishedMm : valueOf(way, axis, given);

const FIRST = 5;

/** Best first, ways alike in it as they came; the best one without sheets is among the first. */
export function ordered(ways: readonly Way[], by: Axis, given: boolean): readonly Way[] {
  const best = [...ways].sort((a, b) => costOf(a, by, given) - costOf(b, by, given));
  const plain = best.findIndex((w) => w.plain);
  if (plain >= FIRST) best.splice(FIRST - 1, 0, ...best.splice(plain, 1));
  return best;
}

/** A part of the plot, in figures of its axes. */
export interface Brush {
  readonly x: readonly [from: number, to: number];
  readonly y: readonly [from: number, to: number];
}

const inside = (value: number, [from, to]: readonly [number, number]) => value >= from && value <= to;

export const brushed = (
  ways: readonly Way[],
  brush: Brush | null,
  axes: { readonly x: Axis; readonly y: Axis },
  given: boolean,
  units: Units,
): readonly Way[] =>
  brush
    ? ways.filter(
        (w) =>
          inside(shownOf(w, axes.x, given, units), brush.x) &&
          inside(shownOf(w, axes.y, given, units), brush.y),
      )
    : ways;

/** Distinguishes ways: the same schedule may be of pieces of another thickness. */
export const keyOf = ({ words, blockMm, schedule: { start } }: Way): string =>
  start
    ? `${words}, ${start.outside.thicknessMm} ${start.inside.thicknessMm}, ${blockMm}`
    : `${words}, ${blockMm}`;

/** "9 h 40 min", "2 h", "35 min". */
export function hours(minutes: number): string {
  const whole = Math.round(minutes);
  const full = Math.floor(whole / 60);
  const rest = whole % 60;
  return [full > 0 && `${full} h`, (rest > 0 || full === 0) && `${rest} min`].filter(Boolean).join(' ');
}
