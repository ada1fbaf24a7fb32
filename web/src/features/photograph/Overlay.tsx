import * as texts from 'texts/photograph/Overlay';
import { useEffect, useRef, useState } from 'react';
import { useWidth } from '../../ui/useWidth';
import { SmallPicture } from '../picture/SmallPicture';
import type { Fitted, Place } from './api';
import { transform } from './homography';

const LEAST_HIGH_PX = 48;
/** The photograph is drawn no larger than that; the box shows no more. */
const MOST_PX = 1600;

/** A face of a photograph, seen straight on, under the predicted one: more or less of each, or their difference. */
export function Overlay({
  picture,
  corners,
  fitted,
  stage,
  size,
  bar,
  under,
}: {
  picture: ImageBitmap;
  corners: readonly Place[];
  fitted: Fitted;
  stage: number;
  size: { readonly lengthMm: number; readonly widthMm: number };
  bar: number;
  under: boolean;
}) {
  const [frame, room] = useWidth();
  const canvas = useRef<HTMLCanvasElement>(null);
  const [predicted, setPredicted] = useState(50);
  const [isDifference, setDifference] = useState(false);
  const width = Math.max(1, Math.floor(room));
  const height = Math.max(LEAST_HIGH_PX, Math.round((width * size.widthMm) / size.lengthMm));
  const scale = Math.min(1, MOST_PX / Math.max(picture.width, picture.height));
  const drawn = { width: Math.round(picture.width * scale), height: Math.round(picture.height * scale) };
  useEffect(() => {
    canvas.current?.getContext('2d')?.drawImage(picture, 0, 0, drawn.width, drawn.height);
  }, [picture, drawn.width, drawn.height]);
  const [a, b, c, d] = corners;
  if (!a || !b || !c || !d) return null;
  const shift = fitted.shiftShare * width * (fitted.turned ? -1 : 1);
  return (
    <div ref={frame} className="grid gap-2 border-t border-ink pt-2" data-overlay>
      <div className="relative overflow-hidden bg-black" style={{ width, height, isolation: 'isolate' }}>
        <canvas
          ref={canvas}
          width={drawn.width}
          height={drawn.height}
          role="img"
          aria-label={texts.photographStraight}
          className="absolute top-0 left-0 max-w-none origin-top-left"
          style={{ transform: transform([a, b, c, d], drawn, { width, height }) }}
        />
        <div
          className="absolute inset-0"
          style={{
            opacity: isDifference ? 1 : predicted / 100,
            mixBlendMode: isDifference ? 'difference' : 'normal',
            transform: `translateX(${shift}px) rotate(${fitted.turned ? 180 : 0}deg)`,
          }}
        >
          <SmallPicture
            sight={{
              plan: fitted.plan,
              path: '',
              stage,
              bar,
              look: { from: under ? 'UNDER' : 'FACE', atMm: fitted.depthMm, acrossMm: 0, blade: null },
              relief: false,
            }}
            pane={{ leftMm: 0, lowMm: 0, widthMm: size.lengthMm, heightMm: size.widthMm }}
            width={width}
            height={height}
            label={texts.predicted}
          />
        </div>
      </div>
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <label className="flex min-h-11 grow items-center gap-3">
          {texts.photo}
          <input
            type="range"
            min={0}
            max={100}
            value={predicted}
            disabled={isDifference}
            aria-label={texts.howMuchPredicted}
            className="grow accent-ink"
            onChange={(e) => setPredicted(Number(e.target.value))}
          />
          {texts.predicted}
        </label>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="accent-ink"
            checked={isDifference}
            onChange={(e) => setDifference(e.target.checked)}
          />
          {texts.difference}
        </label>
      </div>
    </div>
  );
}
