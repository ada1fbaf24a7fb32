import { useEffect, useRef, type ReactNode } from 'react';
import { layOut, type Row, type RowFigure } from '../../figures/bars';
import { LayerFill } from '../../figures/LayerFill';
import { Length, Mass, useUnits } from '../../ui/Words';
import { showLength } from '../../units';
import type { Finding, Stage } from './api';
import { FindingMark, strongest, STRENGTH_WORDS } from './FindingMark';
import { describe } from './runRows';

const PAD_PX = 9;
const LEAST_PX = 30;

/** One stage of the Run: what was done, the bar against the bench stop, what there is now. */
export function RunRow({
  title,
  words,
  stage,
  row,
  scale,
  width,
  toneOf,
  findings,
  selected,
  onSelect,
  made,
  handle,
  children,
}: {
  title: ReactNode;
  words: ReactNode;
  stage: Stage;
  row: Row;
  scale: number;
  width: number;
  toneOf: (steel: string) => number;
  findings: readonly Finding[];
  selected: boolean;
  onSelect?: (() => void) | undefined;
  /** What the Book has of this step. */
  made?: ReactNode;
  /** What can be dragged on the figure. */
  handle?: ((figure: RowFigure, top: number, scale: number) => ReactNode) | undefined;
  /** Fields, when the row is open. */
  children?: ReactNode;
}) {
  const system = useUnits();
  const here = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (selected) here.current?.scrollIntoView({ block: 'nearest' });
  }, [selected]);
  const figure = layOut(row, scale);
  const height = Math.max(LEAST_PX, figure.height) + 2 * PAD_PX;
  const top = (height - figure.height) / 2;
  const mark = strongest(findings);
  return (
    <div
      ref={here}
      className={`relative border-b border-rule ${selected ? 'bg-panel' : ''}`}
      {...(selected ? { 'aria-current': 'step' as const } : {})}
    >
      {selected && <span className="absolute inset-y-0 left-0 w-1 bg-ink" aria-hidden />}
      <div className="grid grid-cols-[14rem_1fr_11.5rem]">
        <button
          type="button"
          className="flex flex-col justify-end py-1.5 pr-3 pl-5 text-left disabled:opacity-100"
          onClick={onSelect}
          disabled={!onSelect}
          aria-expanded={onSelect && selected}
          aria-label={onSelect ? undefined : describe(stage, (mm) => showLength(mm, system).text)}
        >
          <span className="flex items-center gap-2 font-semibold">
            {title}
            {mark && (
              <span title={STRENGTH_WORDS[mark]}>
                <FindingMark strength={mark} size={14} />
                <span className="sr-only">{STRENGTH_WORDS[mark]}</span>
              </span>
            )}
            {made}
          </span>
          <span className="condensed text-[13px] leading-tight text-soft">{words}</span>
        </button>
        <div className="relative border-l-2 border-ink" onClick={onSelect}>
          <svg
            width={width}
            height={height}
            role="img"
            aria-label={describe(stage, (mm) => showLength(mm, system).text)}
            className="block overflow-visible"
          >
            <g transform={`translate(0 ${top})`}>
              {figure.skins.map((box, i) => (
                <rect
                  key={i}
                  {...box}
                  fill="none"
                  stroke="var(--line)"
                  strokeDasharray="2 2"
                  strokeWidth="0.75"
                />
              ))}
              {figure.ghosts.map((box, i) => (
                <rect
                  key={i}
                  {...box}
                  fill="none"
                  stroke="var(--ink)"
                  strokeDasharray="4 3"
                  strokeWidth="0.9"
                />
              ))}
              {figure.bars.map((box, i) => (
                <g key={i} data-bar>
                  <LayerFill inside={stage} box={box} toneOf={toneOf} />
                  <rect {...box} fill="none" stroke="var(--ink)" strokeWidth="0.9" />
                </g>
              ))}
            </g>
            {figure.left > 0 && (
              <text x={width} y={height - 4} textAnchor="end" className="fill-soft text-[12px]">
                and {figure.left} more
              </text>
            )}
          </svg>
          {handle?.(figure, top, scale)}
        </div>
        <div className="flex flex-col items-end justify-end py-1.5 pr-5 text-right">
          <span className="condensed text-[17px] font-semibold whitespace-nowrap">
            {stage.count > 1 && <>{stage.count} of </>}
            <Length mm={stage.widthMm} /> × <Length mm={stage.heightMm} /> × <Length mm={stage.lengthMm} />
          </span>
          <span className="condensed text-[13px] whitespace-nowrap text-soft">
            <b className="text-ink">{stage.visibleCount.toLocaleString('en')}</b> visible ·{' '}
            <b className="text-ink">{stage.shopCount.toLocaleString('en')}</b> shop ·{' '}
            <Mass kg={stage.massKg} />
          </span>
        </div>
      </div>
      {children}
    </div>
  );
}
