import * as texts from 'texts/inside/Overview';
import { useMemo, useState } from 'react';
import { useSize } from '../../ui/useSize';
import type { Look, Sight } from '../picture/api';
import { PictureCanvas } from '../picture/PictureCanvas';
import type { Aim, Size } from '../picture/panes';

const HIGHEST_PX = 64;

/** Length and width of a bar, mm. */
export interface BarMm {
  readonly length: number;
  readonly width: number;
}

/**
 * The whole face of the bar, and where on it you look: the place of a section as a line, the part of a face
 * or the blade as an outline. It is moved with the hand.
 */
export function Overview({
  sight,
  look,
  bar,
  aim,
  size,
  onLook,
  onAim,
}: {
  /** What the bar is drawn from. */
  sight: Sight;
  look: Look;
  bar: BarMm;
  /** Of the large picture, as is its size. */
  aim: Aim | null;
  size: Size;
  onLook: (look: Look) => void;
  onAim: (aim: Aim) => void;
}) {
  const [measure, room] = useSize();
  const [hand, setHand] = useState<{ x: number; y: number; look: Look; aim: Aim | null } | null>(null);
  const scale = Math.min(room.width / bar.length, HIGHEST_PX / bar.width);
  const face = useMemo(() => faceOf(sight), [sight]);
  const whole = useMemo(
    () => ({ right: bar.length / 2, up: bar.width / 2, mmPerPx: 1 / Math.max(1e-6, scale) }),
    [bar.length, bar.width, scale],
  );
  const follow = (x: number, y: number) => {
    if (!hand) return;
    const right = (x - hand.x) / scale;
    const up = (hand.y - y) / scale;
    if (look.from === 'FACE' || look.from === 'UNDER') {
      if (hand.aim) onAim({ ...hand.aim, right: hand.aim.right + right, up: hand.aim.up + up });
    } else onLook(lookMoved(hand.look, bar, right, up));
  };
  return (
    <div ref={measure}>
      {room.width > 0 && (
        <div
          className="relative cursor-move touch-none overflow-hidden outline outline-ink"
          style={{ width: bar.length * scale, height: bar.width * scale }}
          title={texts.dragToMoveAlongTheBar}
          data-overview
          onPointerDown={(e) => {
            e.currentTarget.setPointerCapture(e.pointerId);
            const left = e.currentTarget.getBoundingClientRect().left;
            // A section jumps to the hand; everything else is taken hold of where it is.
            const at = look.from === 'END' ? { ...look, atMm: (e.clientX - left) / scale } : look;
            if (at !== look) onLook(at);
            setHand({ x: e.clientX, y: e.clientY, look: at, aim });
          }}
          onPointerMove={(e) => follow(e.clientX, e.clientY)}
          onPointerUp={() => setHand(null)}
          onPointerCancel={() => setHand(null)}
        >
          <div className="pointer-events-none h-full">
            <PictureCanvas sight={face} aim={whole} label={texts.theWholeFaceOfTheBar} />
          </div>
          <Mark look={look} aim={aim} size={size} bar={bar} scale={scale} />
        </div>
      )}
    </div>
  );
}

/** The overview is ground as deep as the face looked at. */
function faceOf(sight: Sight): Sight {
  const { look } = sight;
  const ground = look.from === 'FACE' || look.from === 'UNDER';
  return {
    ...sight,
    relief: false,
    look: {
      from: ground ? look.from : 'FACE',
      atMm: ground ? look.atMm : 0,
      acrossMm: 0,
      blade: null,
    },
  };
}

/** A section, cut or blade moved so far, and no further than the bar reaches. */
function lookMoved(look: Look, bar: BarMm, right: number, up: number): Look {
  const within = (mm: number, most: number) => Math.min(Math.max(0, most), Math.max(0, mm));
  if (look.from === 'END') return { ...look, atMm: within(look.atMm + right, bar.length) };
  if (look.from === 'ALONG') return { ...look, atMm: within(look.atMm + up, bar.width) };
  return {
    ...look,
    atMm: within(look.atMm + right, bar.length - (look.blade?.lengthMm ?? 0)),
    acrossMm: within(look.acrossMm + up, bar.width - (look.blade?.widthMm ?? 0)),
  };
}

function Mark({
  look,
  aim,
  size,
  bar,
  scale,
}: {
  look: Look;
  aim: Aim | null;
  size: Size;
  bar: BarMm;
  scale: number;
}) {
  const box = markMm(look, aim, size, bar);
  if (!box) return null;
  return (
    <span
      aria-hidden
      className="pointer-events-none absolute outline-2 outline-offset-0 outline-ground ring-2 ring-ink"
      style={{
        left: box.left * scale,
        width: box.width * scale,
        top: (bar.width - box.low - box.height) * scale,
        height: box.height * scale,
      }}
    />
  );
}

function markMm(look: Look, aim: Aim | null, size: Size, bar: BarMm) {
  switch (look.from) {
    case 'END':
      return { left: look.atMm, width: 0, low: 0, height: bar.width };
    case 'ALONG':
      return { left: 0, width: bar.length, low: look.atMm, height: 0 };
    case 'BLADE':
      return (
        look.blade && {
          left: look.atMm,
          width: look.blade.lengthMm,
          low: look.acrossMm,
          height: look.blade.widthMm,
        }
      );
    default: {
      if (!aim) return null;
      const width = aim.mmPerPx * size.width;
      const height = aim.mmPerPx * size.height;
      return { left: aim.right - width / 2, width, low: aim.up - height / 2, height };
    }
  }
}
