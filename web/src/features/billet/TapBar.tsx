import * as texts from 'texts/billet/TapBar';
import { useRef, useState } from 'react';
import { flawBox } from './flaws';
import { nearestJoint, spotOf, type BarSize, type FlawDraft } from './inspectionDraft';
import type { Stage } from './api';

const WIDTH = 860;
const LEAST_HEIGHT = 70;
const MOST_HEIGHT = 190;

/**
 * The bar on its side, to scale along its length: a tap says where and in which joint, drawn along it says how
 * long. Heights are drawn larger where the bar is long and thin, so that a finger finds a joint.
 */
export function TapBar({
  bar,
  stage,
  seams,
  drafts,
  onTap,
}: {
  bar: BarSize;
  stage: Stage;
  seams: readonly number[];
  drafts: readonly FlawDraft[];
  onTap: (fromXMm: number, toXMm: number, joint: number | null) => void;
}) {
  const svg = useRef<SVGSVGElement>(null);
  const [from, setFrom] = useState<{ x: number; z: number } | null>(null);
  const [to, setTo] = useState<number | null>(null);
  const perX = WIDTH / bar.lengthMm;
  const height = Math.min(MOST_HEIGHT, Math.max(LEAST_HEIGHT, bar.heightMm * perX));
  const perZ = height / bar.heightMm;
  const placeOf = (e: React.PointerEvent) => {
    const box = svg.current?.getBoundingClientRect();
    if (!box) return { x: 0, z: 0 };
    const scale = WIDTH / box.width;
    const x = Math.min(Math.max(0, ((e.clientX - box.left) * scale) / perX), bar.lengthMm);
    const z = Math.min(Math.max(0, (height - (e.clientY - box.top) * scale) / perZ), bar.heightMm);
    return { x, z };
  };
  const box = { x: 0, y: 0, width: WIDTH, height };
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${WIDTH} ${height}`}
      className="block w-full cursor-crosshair touch-none border border-ink bg-raised"
      role="img"
      aria-label={texts.theSideOfTheBarWith({ length: seams.length })}
      data-tap-bar
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        const place = placeOf(e);
        setFrom(place);
        setTo(place.x);
      }}
      onPointerMove={(e) => {
        if (from) setTo(placeOf(e).x);
      }}
      onPointerUp={(e) => {
        if (!from) return;
        const end = placeOf(e).x;
        setFrom(null);
        setTo(null);
        const least = Math.min(from.x, end);
        const most = Math.max(from.x, end);
        // A tap is a place; what is drawn is a length.
        const short = most - least < bar.lengthMm / 100;
        onTap(
          short ? Math.max(0, least - 2) : least,
          short ? Math.min(bar.lengthMm, most + 2) : most,
          nearestJoint(from.z, seams),
        );
      }}
    >
      {seams.map((z, i) => (
        <path key={i} d={`M0 ${height - z * perZ}H${WIDTH}`} stroke="var(--line)" strokeWidth="1" />
      ))}
      {drafts.map((d) => {
        const at = flawBox(spotOf(d, bar, seams), stage, box);
        return (
          <rect
            key={d.id}
            x={at.x}
            y={at.y - 3}
            width={at.width}
            height={Math.max(6, at.height + 6)}
            fill={d.state === 'OPEN' ? 'var(--ink)' : 'none'}
            stroke="var(--ink)"
            strokeWidth="1.5"
          />
        );
      })}
      {from && to !== null && (
        <path
          d={`M${from.x * perX} ${height - from.z * perZ}H${to * perX}`}
          stroke="var(--ink)"
          strokeWidth="3"
        />
      )}
    </svg>
  );
}
