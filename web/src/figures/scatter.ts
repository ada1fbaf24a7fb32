/** Scales for a plot of points. No React in here. */

export interface Span {
  readonly from: number;
  readonly to: number;
}

/** From the least to the most with a little room on both sides; whole numbers keep half a step. */
export function spanOf(values: readonly number[]): Span {
  const least = Math.min(...values);
  const most = Math.max(...values);
  if (!Number.isFinite(least)) return { from: 0, to: 1 };
  const whole = values.every((v) => Number.isInteger(v));
  const room = whole ? Math.max(0.5, (most - least) * 0.06) : Math.max((most - least) * 0.06, most * 0.01);
  return { from: least - room, to: most + room };
}

export const at = (value: number, { from, to }: Span, length: number): number =>
  ((value - from) / (to - from)) * length;

export const back = (px: number, { from, to }: Span, length: number): number =>
  from + (px / length) * (to - from);

/** Round figures to write on an axis, about so many. */
export function ticks({ from, to }: Span, about: number): readonly number[] {
  const rough = (to - from) / about;
  const power = 10 ** Math.floor(Math.log10(rough));
  const step = [1, 2, 5, 10].map((m) => m * power).find((s) => s >= rough) ?? rough;
  const first = Math.ceil(from / step);
  return Array.from({ length: Math.max(0, Math.floor(to / step) - first + 1) }, (_, i) =>
    Number(((first + i) * step).toPrecision(12)),
  );
}
