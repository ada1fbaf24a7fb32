import * as texts from 'texts/photograph/PhotographWithLine';
import { useEffect, useRef, useState } from 'react';
import { LineAcross } from '../../figures/LineAcross';
import { useWidth } from '../../ui/useWidth';
import type { CountLine } from './api';
import type { Reading } from './layers';

/** Of the window; what is below stays in sight on a phone. */
const HIGHEST = 0.36;
const HANDLE_PX = 44;
/** One press of an arrow key moves an end by so much of the picture. */
const KEY_STEP = 0.01;

const within = (share: number) => Math.min(1, Math.max(0, share));

/** A photograph with the line across its layers, whose ends are dragged, and what was counted along it. */
export function PhotographWithLine({
  picture,
  line,
  reading,
  onLine,
}: {
  picture: ImageBitmap;
  line: CountLine | null;
  reading: Reading | null;
  /** The line was drawn again, by a person. */
  onLine: (line: CountLine) => void;
}) {
  const [frame, room] = useWidth();
  const canvas = useRef<HTMLCanvasElement>(null);
  const [drawn, setDrawn] = useState<CountLine | null>(null);
  const scale = Math.min(room / picture.width, (HIGHEST * window.innerHeight) / picture.height);
  const width = Math.max(1, Math.round(picture.width * scale));
  const height = Math.max(1, Math.round(picture.height * scale));
  useEffect(() => {
    canvas.current?.getContext('2d')?.drawImage(picture, 0, 0, width, height);
  }, [picture, width, height]);
  const shown = drawn ?? line;
  const put = (end: 1 | 2, x: number, y: number) => {
    if (shown) setDrawn({ ...shown, [`x${end}`]: within(x), [`y${end}`]: within(y) });
  };
  const settle = (moved: CountLine | null) => {
    if (moved && moved !== line) onLine(moved);
    setDrawn(null);
  };
  return (
    <div ref={frame} className="shrink-0">
      <div className="relative mx-auto" style={{ width, height }}>
        <canvas
          ref={canvas}
          width={width}
          height={height}
          role="img"
          aria-label={texts.photograph}
          className="absolute inset-0"
        />
        {shown && (
          <svg width={width} height={height} className="pointer-events-none absolute inset-0" aria-hidden>
            <LineAcross line={shown} width={width} height={height} />
            {!drawn && reading && <Ticks line={shown} reading={reading} width={width} height={height} />}
          </svg>
        )}
        {shown &&
          ([1, 2] as const).map((end) => (
            <button
              key={end}
              type="button"
              data-line-end={end}
              aria-label={end === 1 ? texts.beginningOfTheLine : texts.endOfTheLine}
              className="absolute cursor-move touch-none rounded-full border-2 border-black bg-white/25 outline-2 -outline-offset-4 outline-white"
              style={{
                width: HANDLE_PX,
                height: HANDLE_PX,
                left: shown[`x${end}`] * width - HANDLE_PX / 2,
                top: shown[`y${end}`] * height - HANDLE_PX / 2,
              }}
              onPointerDown={(e) => {
                e.currentTarget.setPointerCapture(e.pointerId);
                setDrawn(shown);
              }}
              onPointerMove={(e) => {
                if (!drawn) return;
                const box = canvas.current?.getBoundingClientRect();
                if (box) put(end, (e.clientX - box.left) / width, (e.clientY - box.top) / height);
              }}
              onPointerUp={() => settle(drawn)}
              onPointerCancel={() => setDrawn(null)}
              onKeyDown={(e) => {
                const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[
                  e.key
                ];
                if (!step) return;
                e.preventDefault();
                put(
                  end,
                  shown[`x${end}`] + KEY_STEP * (step[0] ?? 0),
                  shown[`y${end}`] + KEY_STEP * (step[1] ?? 0),
                );
              }}
              onKeyUp={(e) => {
                if (e.key.startsWith('Arrow')) settle(drawn);
              }}
            />
          ))}
      </div>
    </div>
  );
}

/** Where layers meet, as short strokes across the line. */
function Ticks({
  line,
  reading,
  width,
  height,
}: {
  line: CountLine;
  reading: Reading;
  width: number;
  height: number;
}) {
  const x = (at: number) => (line.x1 + at * (line.x2 - line.x1)) * width;
  const y = (at: number) => (line.y1 + at * (line.y2 - line.y1)) * height;
  const length = Math.hypot(x(1) - x(0), y(1) - y(0)) || 1;
  const across = [(-(y(1) - y(0)) / length) * 7, ((x(1) - x(0)) / length) * 7] as const;
  return reading.boundaries.map((b, i) => (
    <line
      key={i}
      x1={x(b) - across[0]}
      y1={y(b) - across[1]}
      x2={x(b) + across[0]}
      y2={y(b) + across[1]}
      stroke={i === 0 || i === reading.boundaries.length - 1 ? 'white' : 'black'}
      strokeWidth={1}
    />
  ));
}
