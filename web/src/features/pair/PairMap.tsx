import * as texts from 'texts/pair/PairMap';
import { memo } from 'react';
import type { Cell, Grade } from './api';

const SIZE = 24;
const HEAD = 96;
/** Room for the first slanted name. */
const TOP = 40;

/** How many bars a grade shows; a stop is a cross. */
const BARS: Record<Grade, number> = { EXCELLENT: 5, VERY_GOOD: 4, GOOD: 3, SKILLED: 2, POOR: 1, STOP: 0 };

/** All pairs of some steels: the more bars the better, a cross where something rules it out. */
export const PairMap = memo(function PairMap({
  steels,
  cells,
  onChoose,
}: {
  steels: readonly string[];
  cells: readonly Cell[];
  onChoose: (a: string, b: string) => void;
}) {
  const at = new Map(steels.map((s, i) => [s, i]));
  const size = steels.length * SIZE;
  return (
    <svg
      width={HEAD + size + 60}
      height={size + TOP + 8}
      role="group"
      aria-label={texts.compatibilityMap}
      className="block"
      fontSize="12"
    >
      {steels.map((s, i) => (
        <g key={s}>
          <text x={HEAD - 6} y={TOP + i * SIZE + 16} textAnchor="end" className="condensed fill-ink">
            {s}
          </text>
          <text
            transform={`translate(${HEAD + i * SIZE + 8} ${TOP + i * SIZE + 18}) rotate(-45)`}
            className="condensed fill-soft"
          >
            {i < steels.length - 1 ? s : ''}
          </text>
        </g>
      ))}
      {cells.map((c) => {
        const row = Math.max(at.get(c.a) ?? 0, at.get(c.b) ?? 0);
        const column = Math.min(at.get(c.a) ?? 0, at.get(c.b) ?? 0);
        return (
          <g
            key={`${c.a} ${c.b}`}
            transform={`translate(${HEAD + column * SIZE} ${TOP + row * SIZE})`}
            role="button"
            tabIndex={-1}
            aria-label={texts.pair({ one: c.a, other: c.b, verdict: c.word, why: c.first ?? '' })}
            className="cursor-pointer"
            onClick={() => onChoose(c.b, c.a)}
          >
            <title>
              {texts.pair({
                one: c.a,
                other: c.b,
                verdict: c.grade === 'STOP' ? c.word : `${c.word}, ${c.score}`,
                why: c.first ?? '',
              })}
            </title>
            <rect width={SIZE - 2} height={SIZE - 2} fill="var(--raised)" />
            <path d={glyph(BARS[c.grade])} stroke="var(--ink)" strokeWidth="2.2" fill="none" />
          </g>
        );
      })}
    </svg>
  );
});

/** So many bars from the bottom, or a small cross. */
function glyph(bars: number): string {
  if (bars === 0) return 'M8 8l6 6M14 8l-6 6';
  return Array.from({ length: bars }, (_, i) => `M4 ${18.5 - i * 3.6}h14`).join('');
}
