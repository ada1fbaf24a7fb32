import * as texts from 'texts/weldmap/WeldMapFigure';
import { jointGap } from '../../figures/jointGaps';
import { Length } from '../../ui/Words';
import { alongOf, weakestJoint, weakestPatch, type WeldMap } from './api';

const RING_MM = 2.4;

/** The stack from its side, to scale: pieces touch where the joint is likely to bond, a gap opens where not. */
export function WeldMapFigure({ map }: { map: WeldMap }) {
  const { lengthMm, heightMm, joints } = map;
  const levels = [0, ...joints.map((j) => j.height), 1];
  const pitch = Math.min(...levels.slice(1).map((z, i) => z - (levels[i] ?? 0))) * heightMm;
  const weak = weakestJoint(map);
  const joint = joints[weak];
  const isSure = joint === undefined || joint.chance > 0.985;
  const at = joint ? Math.floor(weakestPatch(joint) / map.across) : 0;
  return (
    <figure>
      <svg
        role="img"
        aria-label={texts.weldMap({ joints: joints.length })}
        viewBox={`${-RING_MM} ${-RING_MM} ${lengthMm + 2 * RING_MM} ${heightMm + 2 * RING_MM}`}
        className="max-h-72 w-full"
      >
        <rect width={lengthMm} height={heightMm} fill="var(--soft)" />
        {joints.map((j, i) => (
          <path
            key={i}
            fill="var(--panel)"
            d={jointGap(alongOf(j, map), { length: lengthMm, middle: (1 - j.height) * heightMm, pitch })}
          />
        ))}
        {!isSure && (
          <circle
            cx={((at + 0.5) / map.along) * lengthMm}
            cy={(1 - joint.height) * heightMm}
            r={RING_MM}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={0.7}
          />
        )}
      </svg>
      <figcaption className="condensed flex flex-wrap justify-between gap-x-4 text-[13px] text-soft">
        <span>
          <Length mm={lengthMm} /> × <Length mm={heightMm} unit />
        </span>
        <span>{isSure ? texts.touching : texts.touchingAndRing}</span>
      </figcaption>
    </figure>
  );
}
