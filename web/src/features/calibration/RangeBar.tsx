import type { CalibrationFigure } from './api';

const WIDTH = 240;
const HEIGHT = 16;

/** Where a figure is likely to be: the thin line before anything was learned, the thick stroke now. */
export function RangeBar({ of: { now, before }, label }: { of: CalibrationFigure; label: string }) {
  // What is several times as much or as little is spread by factors.
  const on = before.low > 0 ? Math.log : (value: number) => value;
  const from = on(Math.min(before.low, now.low));
  const to = on(Math.max(before.high, now.high));
  const x = (value: number) => (WIDTH * (on(value) - from)) / (to - from);
  const middle = HEIGHT / 2;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      preserveAspectRatio="none"
      height={HEIGHT}
      role="img"
      aria-label={label}
      className="block w-60 max-w-full overflow-visible"
    >
      <path d={`M${x(before.low)} ${middle}H${x(before.high)}`} stroke="var(--line)" />
      <path d={`M${x(before.low)} 4v8M${x(before.middle)} 6v4M${x(before.high)} 4v8`} stroke="var(--line)" />
      <path
        d={`M${x(now.low)} ${middle}H${x(now.high)}`}
        stroke="var(--ink)"
        strokeWidth="5"
        opacity="0.45"
      />
      <path d={`M${x(now.middle)} 1v14`} stroke="var(--ink)" strokeWidth="2" />
    </svg>
  );
}
