import * as texts from 'texts/billet/RunRow';
import { useEffect, useRef, type ReactNode } from 'react';
import { layOut, type Box, type Row, type RowFigure } from '../../figures/bars';
import { LayerFill } from '../../figures/LayerFill';
import { Length, Mass, useUnits } from '../../ui/Words';
import { showLength } from '../../units';
import type { Finding, Stage } from './api';
import { FindingMark, strongest, SEVERITY_WORDS } from './FindingMark';
import { describe } from './runRows';

/** Room round a figure and least height of a row, px: as a rule, and where rows are many. */
const ROOM = { usual: { pad: 9, least: 30 }, dense: { pad: 2, least: 20 } } as const;

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
  fit = null,
  inside,
  marks,
  dense = false,
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
  /** How parts meet the bar here. */
  fit?: ReactNode;
  /** A bar's side as the field has it, where lines cannot draw it. */
  inside?: ((nth: number, width: number, height: number) => ReactNode) | undefined;
  /** What is drawn on a bar: its flaws. */
  marks?: ((nth: number, box: Box) => ReactNode) | undefined;
  /** Less room, where rows are many. */
  dense?: boolean;
  /** Fields, when the row is open. */
  children?: ReactNode;
}) {
  const system = useUnits();
  const here = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (selected) here.current?.scrollIntoView({ block: 'nearest' });
  }, [selected]);
  const figure = layOut(row, scale);
  const room = dense ? ROOM.dense : ROOM.usual;
  const height = Math.max(room.least, figure.height) + 2 * room.pad;
  const top = (height - figure.height) / 2;
  const mark = strongest(findings);
  return (
    <div
      ref={here}
      className={`relative border-b border-rule ${selected ? 'bg-panel' : ''} ${stage.off ? 'opacity-50' : ''}`}
      {...(selected ? { 'aria-current': 'step' as const } : {})}
    >
      {selected && <span className="absolute inset-y-0 left-0 w-1 bg-ink" aria-hidden />}
      <div className="grid grid-cols-[14rem_1fr_11.5rem] @max-2xl:grid-cols-[minmax(0,1fr)_auto]">
        <button
          type="button"
          className={`flex min-w-0 justify-end pr-3 pl-5 text-left disabled:opacity-100 @max-2xl:pl-3 ${dense ? 'flex-row items-center justify-start gap-2 py-px' : 'flex-col py-1.5'}`}
          onClick={onSelect}
          disabled={!onSelect}
          aria-expanded={onSelect && selected}
        >
          <span
            className={`flex shrink-0 items-center gap-2 font-semibold ${stage.off ? 'line-through' : ''}`}
          >
            {title}
            {mark && (
              <span title={SEVERITY_WORDS[mark]}>
                <FindingMark severity={mark} size={14} />
                <span className="sr-only">{SEVERITY_WORDS[mark]}</span>
              </span>
            )}
            {made}
          </span>
          <span
            className={`condensed text-[13px] leading-tight text-soft ${dense ? 'min-w-0 truncate' : ''}`}
          >
            {stage.off ? texts.skipped : words}
          </span>
        </button>
        <div
          className="relative border-l-2 border-ink @max-2xl:order-last @max-2xl:col-span-2 @max-2xl:ml-3"
          onClick={onSelect}
        >
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
              {figure.aside.map((box, i) => (
                <rect key={i} {...box} fill="none" stroke="var(--ink)" strokeDasharray="1 3" data-aside />
              ))}
              {figure.bars.map((box, i) => (
                <g key={i} data-bar>
                  <LayerFill section={stage.section} box={box} toneOf={toneOf} from="side" />
                  <rect {...box} fill="none" stroke="var(--ink)" strokeWidth="0.9" />
                </g>
              ))}
            </g>
            <g transform={`translate(0 ${top})`}>
              {figure.planned.map((box, i) => (
                <rect
                  key={i}
                  {...box}
                  fill="none"
                  stroke="var(--ink)"
                  strokeWidth="0.5"
                  strokeDasharray="6 2"
                  data-planned
                />
              ))}
              {marks && figure.bars.map((box, i) => <g key={i}>{marks(i, box)}</g>)}
            </g>
            {figure.left > 0 && (
              <text x={width} y={height - 4} textAnchor="end" className="fill-soft text-[12px]">
                {texts.andMore({ left: figure.left })}
              </text>
            )}
          </svg>
          {inside &&
            figure.bars.map((box, i) => (
              <div
                key={i}
                className="pointer-events-none absolute outline outline-ink"
                style={{ left: box.x, top: top + box.y, width: box.width, height: box.height }}
              >
                {inside(i, box.width, box.height)}
              </div>
            ))}
          {handle?.(figure, top, scale)}
          <span className="condensed absolute top-1/2 right-3 -translate-y-1/2 text-right text-[12px] leading-none">
            {fit}
          </span>
        </div>
        <div
          className={`flex justify-end pr-5 text-right @max-2xl:pr-3 ${dense ? 'flex-row items-center gap-3 py-px' : 'flex-col items-end py-1.5'}`}
        >
          <span
            className={`condensed font-semibold whitespace-nowrap ${dense ? 'text-[14px]' : 'text-[17px]'}`}
          >
            {stage.count === 0 && texts.noneLeftOf}
            {stage.count > 1 && <>{texts.ofText({ count: stage.count })} </>}
            <Length mm={stage.widthMm} /> × <Length mm={stage.heightMm} /> × <Length mm={stage.lengthMm} />
          </span>
          <span className="condensed text-[13px] whitespace-nowrap text-soft">
            <b className="text-ink">{stage.visibleCount.toLocaleString('en')}</b> {texts.visible}
            {!dense && (
              <>
                {' '}
                · <b className="text-ink">{stage.shopCount.toLocaleString('en')}</b> {texts.nominal}
                <Mass kg={stage.massKg} />
              </>
            )}
          </span>
        </div>
      </div>
      {children}
    </div>
  );
}
