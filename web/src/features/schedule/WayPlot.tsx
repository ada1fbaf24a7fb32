import * as texts from 'texts/schedule/WayPlot';
import { useRef, useState, type PointerEvent } from 'react';
import { at, back, spanOf, ticks, type Span } from '../../figures/scatter';
import { Button } from '../../ui/Button';
import { useUnits } from '../../ui/Words';
import { type Units, unitOf } from '../../units';
import type { Way } from './api';
import { AXIS_NAME, hours, keyOf, shownOf, type Axis, type Brush } from './weigh';

const WIDTH = 440;
const HEIGHT = 230;
const LEFT = 44;
const BOTTOM = 34;
const LEAST_R = 3;
const MOST_R = 9;

/** Ways against each other: a point for each, larger where it takes longer; a part can be drawn out. */
export function WayPlot({
  ways,
  given,
  axes,
  onAxes,
  brush,
  onBrush,
  marked,
  chosen,
  onChoose,
  onMark,
}: {
  ways: readonly Way[];
  given: boolean;
  axes: { readonly x: Axis; readonly y: Axis };
  onAxes: (axes: { x: Axis; y: Axis }) => void;
  brush: Brush | null;
  onBrush: (brush: Brush | null) => void;
  marked: string | null;
  chosen: readonly string[];
  onChoose: (way: Way) => void;
  onMark: (key: string | null) => void;
}) {
  const units = useUnits();
  const svg = useRef<SVGSVGElement>(null);
  const [from, setFrom] = useState<readonly [number, number] | null>(null);
  const x = spanOf(ways.map((w) => shownOf(w, axes.x, given, units)));
  const y = spanOf(ways.map((w) => shownOf(w, axes.y, given, units)));
  const time = spanOf(ways.map((w) => Math.sqrt(w.minutes)));
  const radius = (w: Way) => LEAST_R + (MOST_R - LEAST_R) * at(Math.sqrt(w.minutes), time, 1);
  const px = (w: Way) => at(shownOf(w, axes.x, given, units), x, WIDTH);
  const py = (w: Way) => HEIGHT - at(shownOf(w, axes.y, given, units), y, HEIGHT);

  const where = (e: PointerEvent): [number, number] => {
    const box = svg.current?.getBoundingClientRect();
    const clamp = (v: number, most: number) => Math.min(most, Math.max(0, v));
    return [clamp(e.clientX - (box?.left ?? 0) - LEFT, WIDTH), clamp(e.clientY - (box?.top ?? 0), HEIGHT)];
  };
  const drawn = (a: readonly [number, number], b: readonly [number, number]): Brush => ({
    x: [back(Math.min(a[0], b[0]), x, WIDTH), back(Math.max(a[0], b[0]), x, WIDTH)],
    y: [back(HEIGHT - Math.max(a[1], b[1]), y, HEIGHT), back(HEIGHT - Math.min(a[1], b[1]), y, HEIGHT)],
  });

  return (
    <section
      aria-label={texts.plot}
      className="max-w-full shrink-0 overflow-x-auto"
      style={{ width: LEFT + WIDTH + 8 }}
    >
      <div className="flex items-end gap-3 pb-1">
        <AxisChoice
          label={texts.up}
          value={axes.y}
          given={given}
          onChoose={(a) => onAxes({ ...axes, y: a })}
        />
        <AxisChoice
          label={texts.across}
          value={axes.x}
          given={given}
          onChoose={(a) => onAxes({ ...axes, x: a })}
        />
        <p className="condensed pb-1 text-[13px] text-soft">{texts.largerCircleMoreTimeDragTo}</p>
        {brush && (
          <Button weight="quiet" className="ml-auto pb-0.5" onClick={() => onBrush(null)}>
            {texts.showAll}
          </Button>
        )}
      </div>
      <svg
        ref={svg}
        role="img"
        aria-label={texts.schedulesByAndTheListBelow({
          length: ways.length,
          value: AXIS_NAME[axes.x],
          value2: AXIS_NAME[axes.y],
        })}
        width={LEFT + WIDTH + 8}
        height={HEIGHT + BOTTOM}
        className="touch-none select-none"
        onPointerDown={(e) => {
          e.currentTarget.setPointerCapture(e.pointerId);
          setFrom(where(e));
        }}
        onPointerMove={(e) => {
          if (from) onBrush(drawn(from, where(e)));
        }}
        onPointerUp={(e) => {
          const to = where(e);
          const moved = from && Math.hypot(from[0] - to[0], from[1] - to[1]) > 5;
          if (from && !moved) {
            onBrush(null);
            const near = nearest(ways, to, px, py);
            if (near) onChoose(near);
          }
          setFrom(null);
        }}
      >
        <g transform={`translate(${LEFT} 0)`}>
          <rect width={WIDTH} height={HEIGHT} className="fill-raised" />
          {ways.length > 0 && <Axes x={x} y={y} axes={axes} given={given} units={units} />}
          {ways.map((w) => (
            <circle
              key={keyOf(w)}
              cx={px(w)}
              cy={py(w)}
              r={radius(w)}
              className={
                chosen.includes(keyOf(w))
                  ? 'fill-ink stroke-ink'
                  : marked === keyOf(w)
                    ? 'fill-line stroke-ink'
                    : 'fill-ink/10 stroke-ink'
              }
              strokeWidth={marked === keyOf(w) ? 2.5 : 1}
              onPointerEnter={() => onMark(keyOf(w))}
              onPointerLeave={() => onMark(null)}
            >
              <title>
                {texts.layersWelds({
                  words: w.words,
                  visible: w.visible,
                  welds: w.welds,
                  minutes: hours(w.minutes),
                })}
              </title>
            </circle>
          ))}
          {brush && <Frame brush={brush} x={x} y={y} />}
        </g>
      </svg>
    </section>
  );
}

function nearest(
  ways: readonly Way[],
  [x, y]: readonly [number, number],
  px: (w: Way) => number,
  py: (w: Way) => number,
): Way | undefined {
  const far = (w: Way) => Math.hypot(px(w) - x, py(w) - y);
  const first = [...ways].sort((a, b) => far(a) - far(b))[0];
  return first && far(first) < MOST_R * 1.5 ? first : undefined;
}

function Frame({ brush, x, y }: { brush: Brush; x: Span; y: Span }) {
  const left = at(brush.x[0], x, WIDTH);
  const top = HEIGHT - at(brush.y[1], y, HEIGHT);
  return (
    <rect
      x={left}
      y={top}
      width={at(brush.x[1], x, WIDTH) - left}
      height={HEIGHT - at(brush.y[0], y, HEIGHT) - top}
      className="pointer-events-none fill-ink/10 stroke-ink"
      strokeDasharray="4 3"
    />
  );
}

function Axes({
  x,
  y,
  axes,
  given,
  units,
}: {
  x: Span;
  y: Span;
  axes: { readonly x: Axis; readonly y: Axis };
  given: boolean;
  units: Units;
}) {
  const whole = (axis: Axis) => axis === 'welds' || axis === 'faces' || axis === 'count';
  const marks = (span: Span, axis: Axis, about: number) =>
    ticks(span, about).filter((t) => !whole(axis) || Number.isInteger(t));
  return (
    <g className="condensed fill-soft text-[12px]">
      {marks(x, axes.x, 6).map((t) => (
        <g key={t} transform={`translate(${at(t, x, WIDTH)} 0)`}>
          <line y1={0} y2={HEIGHT} className="stroke-rule" />
          <text y={HEIGHT + 14} textAnchor="middle">
            {written(t, axes.x)}
          </text>
        </g>
      ))}
      <text x={WIDTH - 8} y={HEIGHT + 29} textAnchor="end" className="fill-ink">
        {axisName(axes.x, given)}
        {axisUnit(axes.x, given, units)}
      </text>
      {marks(y, axes.y, 5).map((t) => (
        <g key={t} transform={`translate(0 ${HEIGHT - at(t, y, HEIGHT)})`}>
          <line x1={0} x2={WIDTH} className="stroke-rule" />
          <text x={-6} y={4} textAnchor="end">
            {written(t, axes.y)}
          </text>
        </g>
      ))}
      <text x={0} y={HEIGHT + 29} className="fill-ink">
        {texts.up2({ y: axisName(axes.y, given), y2: axisUnit(axes.y, given, units) })}
      </text>
    </g>
  );
}

const written = (value: number, axis: Axis): string =>
  axis === 'risk' ? `${Number((value * 100).toFixed(1))}%` : value.toLocaleString('en');

const axisUnit = (axis: Axis, given: boolean, units: Units) =>
  axis === 'steel' ? `, ${unitOf(given ? 'length' : 'mass', units)}` : '';

const axisName = (axis: Axis, given: boolean) =>
  axis === 'steel' ? (given ? texts.finishedLength : texts.startingSteel) : AXIS_NAME[axis];

function AxisChoice({
  label,
  value,
  given,
  onChoose,
}: {
  label: string;
  value: Axis;
  given: boolean;
  onChoose: (axis: Axis) => void;
}) {
  return (
    <label className="condensed text-[13px] text-soft">
      {label}{' '}
      <select
        className="border border-line bg-raised px-1 py-0.5 text-ink"
        value={value}
        onChange={(e) => onChoose(e.target.value as Axis)}
      >
        {(Object.keys(AXIS_NAME) as Axis[]).map((a) => (
          <option key={a} value={a}>
            {axisName(a, given)}
          </option>
        ))}
      </select>
    </label>
  );
}
