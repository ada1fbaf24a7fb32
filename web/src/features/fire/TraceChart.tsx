import * as texts from 'texts/fire/TraceChart';
import { useId } from 'react';
import { heatColour } from '../../figures/heat';
import { atCelsius, atSecond, linePath, minuteTicks, spaced, span, type Frame } from '../../figures/trace';
import { show, systemOf } from '../../units';
import { useSize } from '../../ui/useSize';
import { useUnits } from '../../ui/Words';
import {
  ACT_WORDS,
  type Forecast,
  type Entry,
  type FireBillet,
  type Heat,
  type KeptEntry,
  type Point,
} from './api';
import { clock } from './course';

const FROM_C = 500;
const LEAST_TO_C = 1320;
/** Half of the width of a minute’s label, px. */
const TICK_ROOM = 20;
const MARGIN = { left: 56, right: 12, top: 14, bottom: 40 };
const METRIC_TICKS = [600, 800, 1000, 1200];
const INCH_TICKS = [1000, 1500, 2000, 2300].map((f) => ((f - 32) * 5) / 9);
const GAP_S = 15;
/** Estimates come every few seconds, thinned in a long session; what is too cold to show leaves a gap. */
const COLD_GAP_S = 60;
const STRIP = 8;

/** Forge, skin and core against time, the window they should be in, and what was done when. */
export function TraceChart({
  billet,
  forge,
  history,
  forecast,
  logEntries,
  nowS,
}: {
  billet: FireBillet;
  forge: readonly Point[];
  history: readonly Heat[];
  forecast: readonly Forecast[];
  /** What was done to this billet and still counts, seconds of the session. */
  logEntries: readonly (Pick<KeptEntry, 'id' | 'atS'> & Pick<Entry, 'act'>)[];
  nowS: number;
}) {
  const units = useUnits();
  const heat = useId();
  const [ref, size] = useSize();
  const firstIn = logEntries.find((d) => d.act === 'IN')?.atS ?? Math.max(0, nowS - 300);
  const frame: Frame = {
    left: MARGIN.left,
    top: MARGIN.top,
    width: Math.max(60, size.width - MARGIN.left - MARGIN.right),
    height: Math.max(60, size.height - MARGIN.top - MARGIN.bottom),
    ...span(Math.max(0, firstIn - 30), nowS),
    fromC: FROM_C,
    toC: Math.max(LEAST_TO_C, billet.ceilingC + 40),
  };
  const foot = frame.top + frame.height;
  const warm = (points: readonly { second: number; celsius: number }[]) =>
    points.filter((p) => p.celsius > FROM_C);
  const skin = warm(history.map((h) => ({ second: h.second, celsius: h.skinC })));
  const core = warm(history.map((h) => ({ second: h.second, celsius: h.coreC })));
  const coming = warm(forecast.map((a) => ({ second: nowS + a.inS, celsius: a.coreC })));
  const marks = spaced(
    logEntries.flatMap((d) =>
      d.act
        ? [
            {
              id: d.id,
              x: atSecond(frame, d.atS),
              words: `${ACT_WORDS[d.act].toLowerCase()} ${clock(d.atS - firstIn)}`,
            },
          ]
        : [],
    ),
    84,
  );
  const lastForge = forge.at(-1);
  const label = texts.traceOfForge({
    name: billet.name,
    value: lastForge ? show('temperature', lastForge.figure, units) : texts.notRead,
  });
  return (
    <div ref={ref} className="h-full min-h-0 w-full">
      <svg width={size.width} height={size.height} role="img" aria-label={label} className="block">
        <defs>
          <linearGradient id={heat} gradientUnits="userSpaceOnUse" x1="0" x2="0" y1={foot} y2={frame.top}>
            {[0, 0.2, 0.4, 0.55, 0.7, 0.85, 1].map((part) => (
              <stop key={part} offset={part} stopColor={heatColour(FROM_C + part * (frame.toC - FROM_C))} />
            ))}
          </linearGradient>
        </defs>
        <rect
          x={frame.left}
          width={frame.width}
          y={atCelsius(frame, billet.ceilingC)}
          height={atCelsius(frame, billet.floorC) - atCelsius(frame, billet.ceilingC)}
          fill="var(--raised)"
        />
        <text
          x={frame.left + frame.width - 8}
          y={atCelsius(frame, billet.floorC) - 5}
          textAnchor="end"
          className="condensed fill-soft text-[13px]"
        >
          {texts.fromTo({
            value: billet.protection ? texts.welds : texts.draws,
            show: show('temperature', billet.floorC, units),
            show2: show('temperature', billet.ceilingC, units),
          })}
        </text>
        <rect
          x={frame.left - STRIP - 4}
          y={frame.top}
          width={STRIP}
          height={frame.height}
          fill={`url(#${heat})`}
        />
        {(systemOf(units, 'temperature') === 'METRIC' ? METRIC_TICKS : INCH_TICKS).map((c) => (
          <g key={c}>
            <line
              x1={frame.left}
              x2={frame.left + frame.width}
              y1={atCelsius(frame, c)}
              y2={atCelsius(frame, c)}
              stroke="var(--rule)"
            />
            <text
              x={frame.left - STRIP - 10}
              y={atCelsius(frame, c) + 4}
              textAnchor="end"
              className="fill-soft text-[13px]"
            >
              {show('temperature', c, units).split(' ')[0]}
            </text>
          </g>
        ))}
        {minuteTicks(frame.fromS, frame.toS).map((s) => (
          <text
            key={s}
            x={atSecond(frame, s)}
            y={foot + 34}
            textAnchor={atSecond(frame, s) + TICK_ROOM > size.width ? 'end' : 'middle'}
            className="condensed fill-line text-[12px]"
          >
            {texts.min({ value: Math.round(s / 60) })}
          </text>
        ))}
        <path
          d={linePath(
            frame,
            forge.map((p) => ({ second: p.second, celsius: p.figure })),
            GAP_S,
          )}
          fill="none"
          stroke="var(--soft)"
          strokeWidth="1.5"
        />
        <path d={linePath(frame, skin, COLD_GAP_S)} fill="none" stroke={`url(#${heat})`} strokeWidth="1.5" />
        <path d={linePath(frame, core, COLD_GAP_S)} fill="none" stroke={`url(#${heat})`} strokeWidth="4" />
        <path
          d={linePath(frame, coming)}
          fill="none"
          stroke={`url(#${heat})`}
          strokeWidth="2"
          strokeDasharray="2 6"
        />
        <Ending
          frame={frame}
          points={forge.map((p) => ({ second: p.second, celsius: p.figure }))}
          words={texts.forge}
          part={0.12}
          up
        />
        <Ending frame={frame} points={skin} words={texts.skin} part={0.55} up />
        <Ending frame={frame} points={core} words={texts.core} part={0.8} />
        <line
          x1={atSecond(frame, nowS)}
          x2={atSecond(frame, nowS)}
          y1={frame.top}
          y2={foot}
          stroke="var(--line)"
        />
        {marks.map((m) => (
          <g key={m.id}>
            <line x1={m.x} x2={m.x} y1={foot - 6} y2={foot + 2} stroke="var(--ink)" />
            <text x={m.x} y={foot + 16} textAnchor="middle" className="condensed fill-soft text-[13px]">
              {m.words}
            </text>
          </g>
        ))}
      </svg>
    </div>
  );
}

/** A line's name, beside one of its points. */
function Ending({
  frame,
  points,
  words,
  part,
  up = false,
}: {
  frame: Frame;
  points: readonly { second: number; celsius: number }[];
  words: string;
  /** How far along its points. */
  part: number;
  up?: boolean;
}) {
  const inside = points.filter((p) => p.second >= frame.fromS && p.second <= frame.toS);
  const at = inside[Math.floor(inside.length * part)];
  if (!at || inside.length < 8) return null;
  return (
    <text
      x={atSecond(frame, at.second)}
      y={atCelsius(frame, at.celsius) + (up ? -8 : 20)}
      textAnchor="middle"
      className="fill-soft text-[13px]"
    >
      {words}
    </text>
  );
}
