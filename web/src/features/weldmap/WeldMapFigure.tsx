import * as texts from 'texts/weldmap/WeldMapFigure';
import { alongOf, weakestJoint, weakestPatch, type WeldMap } from './api';
import { AROUND_MM, StackFigure } from './StackFigure';

/** Where the joints of a weld are likely to bond, the weakest place ringed. */
export function WeldMapFigure({ map }: { map: WeldMap }) {
  const { lengthMm, heightMm, joints } = map;
  const joint = joints[weakestJoint(map)];
  const isSure = joint === undefined || joint.chance > 0.985;
  const at = joint ? Math.floor(weakestPatch(joint) / map.across) : 0;
  return (
    <StackFigure
      label={texts.weldMap({ joints: joints.length })}
      lengthMm={lengthMm}
      heightMm={heightMm}
      joints={joints.map((j) => ({ height: j.height, along: alongOf(j, map) }))}
      legend={isSure ? texts.touching : texts.touchingAndRing}
    >
      {!isSure && (
        <circle
          cx={((at + 0.5) / map.along) * lengthMm}
          cy={(1 - joint.height) * heightMm}
          r={AROUND_MM}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={0.7}
        />
      )}
    </StackFigure>
  );
}
