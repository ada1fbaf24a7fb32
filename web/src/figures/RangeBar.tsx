const WIDTH = 240;
const HEIGHT = 14;

type Range = { readonly low: number; readonly middle: number; readonly high: number };

/** Where a figure is likely to be: the thick stroke, its middle the tick; the thin line is where it could be. */
export function RangeBar({ now, before, label }: { now: Range; before: Range; label: string }) {
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
      <path d={`M${x(before.low)} 3v8M${x(before.middle)} 5v4M${x(before.high)} 3v8`} stroke="var(--line)" />
      <path
        d={`M${x(now.low)} ${middle}H${Math.max(x(now.high), x(now.low) + 1)}`}
        stroke="var(--ink)"
        strokeWidth="5"
        opacity="0.45"
      />
      <path d={`M${x(now.middle)} 0v${HEIGHT}`} stroke="var(--ink)" strokeWidth="2" />
    </svg>
  );
}
