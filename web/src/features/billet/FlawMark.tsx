import type { Stage } from './api';
import { flawBox } from './flaws';
import type { Spot } from '../book/api';

const GAP_PX = 2.5;

/** A flaw on the side of a bar: two lines with a gap, as an open joint is; one line for a suspect one. */
export function FlawMark({
  spot,
  stage,
  box,
  open,
  label,
}: {
  spot: Spot;
  stage: Stage;
  box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
  open: boolean;
  label: string;
}) {
  const at = flawBox(spot, stage, box);
  const middle = at.y + at.height / 2;
  return (
    <g data-flaw>
      <title>{label}</title>
      <rect
        x={at.x}
        y={middle - Math.max(at.height / 2, GAP_PX)}
        width={at.width}
        height={Math.max(at.height, 2 * GAP_PX)}
        fill="var(--ground)"
      />
      <path
        d={`M${at.x} ${middle - Math.max(at.height / 2, GAP_PX)}h${at.width}${open ? `M${at.x} ${middle + Math.max(at.height / 2, GAP_PX)}h${at.width}` : ''}`}
        stroke="var(--ink)"
        strokeWidth="1.6"
        fill="none"
      />
      <path
        d={`M${at.x} ${box.y - 5}l4 -6h-8z`}
        transform={`translate(${at.width / 2} 0)`}
        fill="var(--ink)"
      />
    </g>
  );
}
