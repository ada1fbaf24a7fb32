import * as texts from 'texts/inside/Viewer';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Length } from '../../ui/Words';
import { ScaleBar } from '../billet/ScaleBar';
import { scan, type Line, type Sight } from '../picture/api';
import { aimOf, mmPerPx, paneOf, placeAt, spotOf, type Aim } from '../picture/panes';
import { PictureCanvas, type Shown } from '../picture/PictureCanvas';

const SHORTEST_MM = 0.01;

/** The large picture with its scale, and a line that counts. */
export function Viewer({
  sight,
  aim,
  name,
  counting,
  onAim,
  onShown,
  onProblem,
}: {
  sight: Sight;
  aim: Aim | null;
  /** Which of two it is. */
  name: string;
  counting: boolean;
  onAim: (aim: Aim | null) => void;
  onShown?: (shown: Shown) => void;
  onProblem?: (problem: Problem | null) => void;
}) {
  const [shown, setShown] = useState<Shown | null>(null);
  const [drawn, setDrawn] = useState<{ line: Line; done: boolean } | null>(null);
  const { size } = shown ?? { size: { width: 0, height: 0 } };
  const pane = aim && size.width > 0 ? paneOf(aim, size) : (shown?.picture.pane ?? null);
  const drawLine = (from: { x: number; y: number }, to: { x: number; y: number }, done: boolean) => {
    if (!pane) return;
    const a = placeAt(pane, size, from);
    const b = placeAt(pane, size, to);
    const long = Math.hypot(b.right - a.right, b.up - a.up) > SHORTEST_MM;
    setDrawn(long ? { line: { right: a.right, up: a.up, toRight: b.right, toUp: b.up }, done } : null);
  };
  return (
    <div className="relative h-full min-h-0">
      <PictureCanvas
        sight={sight}
        aim={aim}
        label={texts.theInside({ value: name && `, ${name}` })}
        onAim={onAim}
        onShown={(now) => {
          setShown(now);
          // The first look says where it is, so that everything after starts from there.
          if (!aim && name !== 'compare') onAim(aimOf(now.picture.pane, now.size));
          onShown?.(now);
        }}
        {...(onProblem && { onProblem })}
        onDraw={counting ? drawLine : undefined}
      >
        {counting && drawn && pane && <CountedLine sight={sight} drawn={drawn} pane={pane} size={size} />}
      </PictureCanvas>
      {pane && size.width > 0 && (
        <div className="pointer-events-none absolute bottom-2 left-3 bg-ground/85 px-2 py-1">
          <ScaleBar scale={1 / mmPerPx(pane, size)} />
        </div>
      )}
      <p className="pointer-events-none absolute right-3 bottom-2 bg-ground/85 px-2 py-1 text-[13px] text-soft">
        {counting ? (
          texts.drawALineAcrossTheLayers
        ) : name ? (
          <b className="text-ink">{name}</b>
        ) : (
          texts.scrollToZoomDragToPan
        )}
      </p>
    </div>
  );
}

function CountedLine({
  sight,
  drawn: { line, done },
  pane,
  size,
}: {
  sight: Sight;
  drawn: { line: Line; done: boolean };
  pane: NonNullable<Shown['picture']>['pane'];
  size: Shown['size'];
}) {
  const counted = useQuery({
    queryKey: ['scan', sight, line],
    queryFn: () => scan(sight, line),
    enabled: done,
    retry: false,
    gcTime: 0,
  });
  const a = spotOf(pane, size, line);
  const b = spotOf(pane, size, { right: line.toRight, up: line.toUp });
  const layers = counted.data?.layers ?? [];
  const thinnest = layers.slice(1, -1).reduce((least, l) => Math.min(least, l.thicknessMm), Infinity);
  return (
    <>
      <svg className="pointer-events-none absolute inset-0 h-full w-full" aria-hidden>
        <path d={`M${a.x} ${a.y}L${b.x} ${b.y}`} className="stroke-ground" strokeWidth="5" />
        <path d={`M${a.x} ${a.y}L${b.x} ${b.y}`} className="stroke-ink" strokeWidth="1.5" />
        <path
          d={[a, b].map(({ x, y }) => `M${x - 5} ${y}h10M${x} ${y - 5}v10`).join('')}
          className="stroke-ink"
          strokeWidth="1.5"
        />
      </svg>
      {done && (
        <p
          role="status"
          className="pointer-events-none absolute bg-ink px-2 py-1 leading-tight text-ground"
          style={{
            left: Math.min(size.width - 150, Math.max(4, b.x + 10)),
            top: Math.min(size.height - 96, Math.max(4, b.y - 20)),
          }}
        >
          {counted.data ? (
            <>
              <b className="text-xl" data-counted>
                {counted.data.count.toLocaleString('en')}
              </b>{' '}
              {texts.layers({ count: counted.data.count })}
              {Number.isFinite(thinnest) && (
                <span className="block text-[13px]">
                  {texts.thinnest} <Length mm={thinnest} unit />
                </span>
              )}
            </>
          ) : counted.error ? (
            Problem.from(counted.error).detail
          ) : (
            texts.counting
          )}
        </p>
      )}
    </>
  );
}
