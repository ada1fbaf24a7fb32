import * as texts from 'texts/photograph/CountStrip';
import { useEffect, useRef } from 'react';
import { useWidth } from '../../ui/useWidth';
import { stripRange, stripWidth, type Reading } from './layers';
import type { CountLine } from './api';

const HIGH_PX = 92;

/** The line of a photograph laid flat and drawn large, each boundary to be tapped away or put there. */
export function CountStrip({
  picture,
  line,
  reading,
  onTap,
}: {
  picture: ImageBitmap;
  line: CountLine;
  reading: Reading;
  onTap: (at: number) => void;
}) {
  const [frame, room] = useWidth();
  const canvas = useRef<HTMLCanvasElement>(null);
  const wide = stripWidth(reading.boundaries, Math.max(1, room));
  const [from, to] = stripRange(reading.boundaries);
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (context) drawAlong(context, picture, line, { from, to, wide });
  }, [picture, line, from, to, wide]);
  const at = (share: number) => ((share - from) / (to - from)) * wide;
  return (
    <div ref={frame} className="shrink-0 overflow-x-auto border border-line">
      <div className="relative" style={{ width: wide, height: HIGH_PX }}>
        <canvas ref={canvas} width={wide} height={HIGH_PX} className="absolute inset-0" aria-hidden />
        <svg
          role="img"
          aria-label={texts.boundaries({ count: reading.boundaries.length })}
          width={wide}
          height={HIGH_PX}
          className="absolute inset-0 cursor-crosshair"
          onClick={(e) => {
            const left = e.currentTarget.getBoundingClientRect().left;
            onTap(from + ((e.clientX - left) / wide) * (to - from));
          }}
        >
          {reading.boundaries.map((b, i) => (
            <g key={i} data-boundary={i}>
              <line x1={at(b)} x2={at(b)} y1={22} y2={HIGH_PX} stroke="white" strokeWidth={3} />
              <line x1={at(b)} x2={at(b)} y1={22} y2={HIGH_PX} stroke="black" strokeWidth={1} />
            </g>
          ))}
          {reading.boundaries.slice(1).map((b, i) => (
            <text
              key={i}
              x={(at(b) + at(reading.boundaries[i] ?? b)) / 2}
              y={15}
              textAnchor="middle"
              className="fill-white text-[12px]"
              stroke="black"
              strokeWidth={3}
              paintOrder="stroke"
            >
              {i + 1}
            </text>
          ))}
        </svg>
      </div>
    </div>
  );
}

/** Turns the picture so that the line runs level from the left, at one scale along and across it. */
function drawAlong(
  context: CanvasRenderingContext2D,
  picture: ImageBitmap,
  line: CountLine,
  { from, to, wide }: { from: number; to: number; wide: number },
) {
  const x1 = line.x1 * picture.width;
  const y1 = line.y1 * picture.height;
  const dx = line.x2 * picture.width - x1;
  const dy = line.y2 * picture.height - y1;
  const length = Math.hypot(dx, dy) || 1;
  const scale = wide / ((to - from) * length);
  const cos = (scale * dx) / length;
  const sin = (scale * dy) / length;
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.clearRect(0, 0, wide, HIGH_PX);
  context.setTransform(
    cos,
    -sin,
    sin,
    cos,
    -cos * x1 - sin * y1 - from * length * scale,
    HIGH_PX / 2 + sin * x1 - cos * y1,
  );
  context.drawImage(picture, 0, 0);
}
