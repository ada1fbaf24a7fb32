/** Geometry of steels as strips on one temperature axis; °C in, pixels out. */

export interface Axis {
  readonly fromC: number;
  readonly toC: number;
  readonly width: number;
}

/** From colder than any martensite start that matters to hotter than any blade steel's solidus. */
export const AXIS_FROM_C = 100;
export const AXIS_TO_C = 1560;

/** Where a temperature is, px from the left; the axis' ends outside it. */
export const atHeat = (axis: Axis, celsius: number) =>
  (Math.min(axis.toC, Math.max(axis.fromC, celsius)) - axis.fromC) * (axis.width / (axis.toC - axis.fromC));

/** A span of heats as a box on the axis; at least a pixel wide. */
export function span(axis: Axis, fromC: number, toC: number): { x: number; width: number } {
  const x = atHeat(axis, fromC);
  return { x, width: Math.max(1, atHeat(axis, toC) - x) };
}

/** Round temperatures for the axis, in °C whatever the unit: every 200 °C or every 400 °F. */
export function ticks(metric: boolean): readonly number[] {
  if (metric) return [200, 400, 600, 800, 1000, 1200, 1400];
  return [400, 800, 1200, 1600, 2000, 2400].map((f) => ((f - 32) * 5) / 9);
}
