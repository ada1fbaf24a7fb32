import type { Place } from './api';

/** An outline on a photograph of that size, seen on dark and on bright. */
export function Outline({
  corners,
  width,
  height,
}: {
  corners: readonly Place[];
  width: number;
  height: number;
}) {
  const points = corners.map((at) => `${at.x * width},${at.y * height}`).join(' ');
  return (['black', 'white'] as const).map((stroke) => (
    <polygon
      key={stroke}
      points={points}
      fill="none"
      stroke={stroke}
      strokeWidth={stroke === 'black' ? 3 : 1.2}
    />
  ));
}

/** The number of something on a photograph, its middle at a place, px. */
export function MarkNumber({ number, x, y }: { number: number; x: number; y: number }) {
  return (
    <text
      x={x}
      y={y}
      textAnchor="middle"
      className="fill-white text-[17px]"
      stroke="black"
      strokeWidth={4}
      paintOrder="stroke"
    >
      {number}
    </text>
  );
}
