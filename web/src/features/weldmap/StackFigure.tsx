import type { ReactNode } from 'react';
import { jointGap } from '../../figures/jointGaps';
import { Length } from '../../ui/Words';

/** Room round the stack for what is drawn on its edge, mm. */
export const AROUND_MM = 2.4;

/** A stack from its side, to scale: pieces touch where a joint bonds, a gap opens where it does not. */
export function StackFigure({
  label,
  lengthMm,
  heightMm,
  joints,
  legend,
  children,
}: {
  label: string;
  lengthMm: number;
  heightMm: number;
  /** From below: height over the underside in parts of the height, and how far it bonds along the bar, 0 to 1. */
  joints: readonly { readonly height: number; readonly along: readonly number[] }[];
  legend: ReactNode;
  /** What is drawn over it. */
  children?: ReactNode;
}) {
  const levels = [0, ...joints.map((j) => j.height), 1];
  const pitch = Math.min(...levels.slice(1).map((z, i) => z - (levels[i] ?? 0))) * heightMm;
  return (
    <figure>
      <svg
        role="img"
        aria-label={label}
        viewBox={`${-AROUND_MM} ${-AROUND_MM} ${lengthMm + 2 * AROUND_MM} ${heightMm + 2 * AROUND_MM}`}
        className="max-h-72 w-full"
      >
        <rect width={lengthMm} height={heightMm} fill="var(--soft)" />
        {joints.map((j, i) => (
          <path
            key={i}
            fill="var(--panel)"
            d={jointGap(j.along, { length: lengthMm, middle: (1 - j.height) * heightMm, pitch })}
          />
        ))}
        {children}
      </svg>
      <figcaption className="condensed flex flex-wrap justify-between gap-x-4 text-[13px] text-soft">
        <span>
          <Length mm={lengthMm} /> × <Length mm={heightMm} unit />
        </span>
        <span>{legend}</span>
      </figcaption>
    </figure>
  );
}
