import { useEffect, useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import type { Problem } from '../../lib/http';
import { useSize } from '../../ui/useSize';
import type { Pane, Picture, Sight } from './api';
import { Drawing } from './drawing';
import { aimOf, boxOf, moved, paneOf, zoomed, type Aim, type Size, type Spot } from './panes';

/** Every picture shown is marked in the page's own timing. */
const MARK = 'geminal-picture';
const MOST_MARKS = 2000;

const WHEEL = 0.0015;
const KEY_ZOOM = 1.5;
const KEY_MOVE_PX = 80;
const MOST_DENSE = 2;

export interface Shown {
  readonly picture: Picture;
  readonly size: Size;
  readonly fine: boolean;
  readonly sight: Sight;
}

/**
 * A picture that follows what is asked of it. Wheel and + and − go nearer, the hand and the arrows move, 0
 * shows it as at first. What was drawn last is moved at once while the new one is on its way.
 */
export function PictureCanvas({
  sight,
  aim,
  label,
  onAim,
  onShown,
  onProblem,
  onDraw,
  children,
}: {
  sight: Sight;
  /** Null for a first look. */
  aim: Aim | null;
  label: string;
  /** Moved or zoomed; left out where it should stay as it is. */
  onAim?: ((aim: Aim | null) => void) | undefined;
  onShown?: (shown: Shown) => void;
  onProblem?: (problem: Problem | null) => void;
  /** Draws a line instead of moving: given its spots from down to up. */
  onDraw?: ((from: Spot, to: Spot, done: boolean) => void) | undefined;
  /** Laid over the picture. */
  children?: ReactNode;
}) {
  const [measure, size] = useSize();
  const canvas = useRef<HTMLCanvasElement>(null);
  const last = useRef<Shown | null>(null);
  const [hand, setHand] = useState<{ at: Spot; from: Spot } | null>(null);
  const latest = useRef({ onShown, onProblem });
  useLayoutEffect(() => {
    latest.current = { onShown, onProblem };
  });
  const drawing = useRef<Drawing | null>(null);

  useEffect(() => {
    const own = new Drawing(
      (picture, fine, of) => {
        const here = canvas.current;
        if (!here) return;
        last.current?.picture.bitmap.close();
        const now = { picture, size: sizeOf(here), fine, sight: of };
        last.current = now;
        paint(here, picture, picture.pane);
        // Kept short: a page may be open all day.
        if (performance.getEntriesByName(MARK).length >= MOST_MARKS) performance.clearMarks(MARK);
        performance.mark(MARK, { detail: { fine, of: here.parentElement?.ariaLabel } });
        latest.current.onProblem?.(null);
        latest.current.onShown?.(now);
      },
      (problem) => latest.current.onProblem?.(problem),
    );
    drawing.current = own;
    return () => own.end();
  }, []);

  const { width, height } = size;
  useEffect(() => {
    const here = canvas.current;
    if (!here || width < 1 || height < 1) return;
    const dense = Math.min(MOST_DENSE, window.devicePixelRatio);
    if (here.width !== Math.round(width * dense) || here.height !== Math.round(height * dense)) {
      here.width = Math.round(width * dense);
      here.height = Math.round(height * dense);
    }
    const pane = aim && paneOf(aim, { width, height });
    if (last.current && pane && !isSame(pane, last.current.picture.pane)) {
      paint(here, last.current.picture, pane);
    }
    drawing.current?.ask({ sight, pane, width: here.width, height: here.height });
  }, [sight, aim, width, height]);

  const paneNow = () => (aim ? paneOf(aim, size) : (last.current?.picture.pane ?? null));
  const spot = (e: React.MouseEvent): Spot => {
    const box = e.currentTarget.getBoundingClientRect();
    return { x: e.clientX - box.left, y: e.clientY - box.top };
  };
  const zoom = (at: Spot, by: number) => {
    const now = paneNow();
    if (onAim && now && width > 0) onAim(aimOf(zoomed(now, size, at, by), size));
  };
  const middle = { x: width / 2, y: height / 2 };
  const keys: Record<string, () => void> = {
    '+': () => zoom(middle, KEY_ZOOM),
    '=': () => zoom(middle, KEY_ZOOM),
    '-': () => zoom(middle, 1 / KEY_ZOOM),
    '0': () => onAim?.(null),
    ArrowLeft: () => move(KEY_MOVE_PX, 0),
    ArrowRight: () => move(-KEY_MOVE_PX, 0),
    ArrowUp: () => move(0, KEY_MOVE_PX),
    ArrowDown: () => move(0, -KEY_MOVE_PX),
  };
  const move = (dx: number, dy: number) => {
    const now = paneNow();
    if (onAim && now) onAim(aimOf(moved(now, size, dx, dy), size));
  };

  const zoomRef = useRef(zoom);
  useLayoutEffect(() => {
    zoomRef.current = zoom;
  });
  const frame = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const here = frame.current;
    if (!here) return;
    // A wheel that zooms must not scroll the page too, and only a listener of our own may say so.
    const turned = (e: WheelEvent) => {
      e.preventDefault();
      const box = here.getBoundingClientRect();
      zoomRef.current({ x: e.clientX - box.left, y: e.clientY - box.top }, Math.exp(-e.deltaY * WHEEL));
    };
    here.addEventListener('wheel', turned, { passive: false });
    return () => here.removeEventListener('wheel', turned);
  }, []);

  return (
    <div
      ref={(element) => {
        frame.current = element;
        measure(element);
      }}
      role="application"
      aria-label={label}
      tabIndex={0}
      className={`relative h-full w-full touch-none overflow-hidden ${onDraw ? 'cursor-crosshair' : onAim ? 'cursor-grab active:cursor-grabbing' : ''}`}
      onKeyDown={(e) => {
        const act = keys[e.key];
        if (!act || e.ctrlKey || e.metaKey || !onAim) return;
        e.preventDefault();
        e.stopPropagation();
        act();
      }}
      onDoubleClick={() => onAim?.(null)}
      onPointerDown={(e) => {
        if (e.button !== 0) return;
        e.currentTarget.setPointerCapture(e.pointerId);
        setHand({ at: spot(e), from: spot(e) });
      }}
      onPointerMove={(e) => {
        if (!hand) return;
        const at = spot(e);
        if (onDraw) onDraw(hand.from, at, false);
        else move(at.x - hand.at.x, at.y - hand.at.y);
        setHand({ ...hand, at });
      }}
      onPointerUp={(e) => {
        if (hand && onDraw) onDraw(hand.from, spot(e), true);
        setHand(null);
      }}
      onPointerCancel={() => setHand(null)}
    >
      <canvas ref={canvas} className="block h-full w-full" />
      {children}
    </div>
  );
}

const sizeOf = (canvas: HTMLCanvasElement): Size => ({
  width: canvas.clientWidth,
  height: canvas.clientHeight,
});

const isSame = (a: Pane, b: Pane) =>
  Math.abs(a.leftMm - b.leftMm) +
    Math.abs(a.lowMm - b.lowMm) +
    Math.abs(a.widthMm - b.widthMm) +
    Math.abs(a.heightMm - b.heightMm) <
  1e-9 * a.widthMm;

/** Puts a picture where it belongs on a canvas that shows a pane. */
function paint(canvas: HTMLCanvasElement, picture: Picture, pane: Pane) {
  const pen = canvas.getContext('2d');
  if (!pen) return;
  const { x, y, width, height } = boxOf(picture.pane, pane, canvas);
  pen.clearRect(0, 0, canvas.width, canvas.height);
  pen.drawImage(picture.bitmap, x, y, width, height);
}
