import type { Interval } from './api';

const WIDTH = 240;
const HEIGHT = 14;

/** A share and its limits on a line from 0 to 100 %: the thick stroke is where it is, the tick where it was seen. */
export function IntervalBar({ share, limits, label }: { share: number; limits: Interval; label: string }) {
  const x = (part: number) => part * WIDTH;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      preserveAspectRatio="none"
      height={HEIGHT}
      role="img"
      aria-label={label}
      className="block w-60 max-w-full overflow-visible"
    >
      <path d={`M0 ${HEIGHT / 2}H${WIDTH}`} stroke="var(--line)" />
      <path d={`M0 3v8M${WIDTH / 2} 5v4M${WIDTH} 3v8`} stroke="var(--line)" />
      <path
        d={`M${x(limits.low)} ${HEIGHT / 2}H${Math.max(x(limits.high), x(limits.low) + 1)}`}
        stroke="var(--ink)"
        strokeWidth="5"
        opacity="0.45"
      />
      <path d={`M${x(share)} 0v${HEIGHT}`} stroke="var(--ink)" strokeWidth="2" />
    </svg>
  );
}
