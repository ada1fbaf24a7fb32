import * as texts from 'texts/photograph/MarkedPhotograph';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { useWidth } from '../../ui/useWidth';
import type { Place } from './api';

/** Of the window; what is below stays in sight on a phone. */
const HIGHEST = 0.36;
const HANDLE_PX = 44;
/** One press of an arrow key moves a handle by so much of the picture. */
const KEY_STEP = 0.01;

const ARROWS: Readonly<Record<string, readonly [right: number, down: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

const within = (share: number) => Math.min(1, Math.max(0, share));

/** A photograph with handles that are dragged, or moved by the arrow keys, and marks drawn between them. */
export function MarkedPhotograph({
  picture,
  handles,
  names,
  highest = HIGHEST,
  onHandles,
  children,
}: {
  picture: ImageBitmap;
  /** Where they are, as shares of the picture; none where nothing can be dragged. */
  handles: readonly Place[];
  /** What each of them is called. */
  names: readonly string[];
  /** At the most so much of the window's height. */
  highest?: number;
  /** They were moved, by a person. */
  onHandles: (handles: readonly Place[]) => void;
  /** What is drawn over it, with the handles as they are being dragged. */
  children: (drawn: {
    readonly width: number;
    readonly height: number;
    readonly handles: readonly Place[];
    readonly isDragged: boolean;
  }) => ReactNode;
}) {
  const [frame, room] = useWidth();
  const canvas = useRef<HTMLCanvasElement>(null);
  const [dragged, setDragged] = useState<readonly Place[] | null>(null);
  const scale = Math.min(room / picture.width, (highest * window.innerHeight) / picture.height);
  const width = Math.max(1, Math.round(picture.width * scale));
  const height = Math.max(1, Math.round(picture.height * scale));
  useEffect(() => {
    canvas.current?.getContext('2d')?.drawImage(picture, 0, 0, width, height);
  }, [picture, width, height]);
  const shown = dragged ?? handles;
  const put = (handle: number, x: number, y: number) =>
    setDragged(shown.map((at, i) => (i === handle ? { x: within(x), y: within(y) } : at)));
  const settle = () => {
    if (dragged && dragged !== handles) onHandles(dragged);
    setDragged(null);
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
        <svg width={width} height={height} className="pointer-events-none absolute inset-0" aria-hidden>
          {children({ width, height, handles: shown, isDragged: dragged !== null })}
        </svg>
        {shown.map((at, i) => (
          <button
            key={names[i]}
            type="button"
            data-handle={i + 1}
            aria-label={names[i]}
            className="absolute cursor-move touch-none rounded-full border-2 border-black bg-white/25 outline-2 -outline-offset-4 outline-white"
            style={{
              width: HANDLE_PX,
              height: HANDLE_PX,
              left: at.x * width - HANDLE_PX / 2,
              top: at.y * height - HANDLE_PX / 2,
            }}
            onPointerDown={(e) => {
              e.currentTarget.setPointerCapture(e.pointerId);
              setDragged(shown);
            }}
            onPointerMove={(e) => {
              if (!dragged) return;
              const box = canvas.current?.getBoundingClientRect();
              if (box) put(i, (e.clientX - box.left) / width, (e.clientY - box.top) / height);
            }}
            onPointerUp={settle}
            onPointerCancel={() => setDragged(null)}
            onKeyDown={(e) => {
              const step = ARROWS[e.key];
              if (!step) return;
              e.preventDefault();
              put(i, at.x + KEY_STEP * step[0], at.y + KEY_STEP * step[1]);
            }}
            onKeyUp={(e) => {
              if (e.key in ARROWS) settle();
            }}
          />
        ))}
      </div>
    </div>
  );
}
