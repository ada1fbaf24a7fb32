import * as texts from 'texts/billet/CutListView';
import { useQuery } from '@tanstack/react-query';
import { commonScale } from '../../figures/bars';
import { LoadFailed } from '../../ui/Notice';
import { Length, Mass } from '../../ui/Words';
import { useWidth } from '../../ui/useWidth';
import { cutListQuery, type CutBar, type CutList } from './api';
import type { Plan } from './plan';
import { ScaleBar } from './ScaleBar';

const BESIDE_PX = 430;
const BAR_PX = 26;

/** Which pieces come from which bars on the shelf, each bar drawn cut up, all to one scale. */
export function CutListView({ plan }: { plan: Plan }) {
  const list = useQuery(cutListQuery(plan));
  if (list.isError) return <LoadFailed error={list.error} again={() => void list.refetch()} />;
  if (!list.data) return <p className="p-5 text-soft">{texts.searchingTheShelf}</p>;
  return (
    <section aria-label={texts.cutList} className="px-5 py-4">
      <BarsCutUp list={list.data} />
    </section>
  );
}

/** A cut list, drawn. */
export function BarsCutUp({ list }: { list: CutList }) {
  const [measure, width] = useWidth();
  const { bars, missing } = list;
  const scale = commonScale(
    bars.map((b) => ({
      count: 1,
      lengthMm: b.bar.lengthMm,
      heightMm: 1,
      kerfMm: 0,
      frontMm: 0,
      backMm: 0,
      asideCount: 0,
      asideLengthMm: 0,
      bottomMm: 0,
      topMm: 0,
    })),
    Math.max(200, width - BESIDE_PX),
  );
  return (
    <div ref={measure}>
      <Summary list={list} />
      {missing.length > 0 && (
        <div role="alert" className="mb-3 border-l-4 border-ink bg-raised px-4 py-2">
          <p className="font-semibold">{texts.theShelfDoesNotHaveEnough}</p>
          {missing.map((n, i) => (
            <p key={i}>
              {texts.ofText({ count: n.count, steel: n.steel })} <Length mm={n.widthMm} /> ×{' '}
              <Length mm={n.thicknessMm} /> × <Length mm={n.lengthMm} unit />
            </p>
          ))}
        </div>
      )}
      {width > 0 && bars.map((b, i) => <BarCutUp key={i} bar={b} scale={scale} kerfMm={list.kerfMm} />)}
      {bars.length > 0 && width > 0 && <ScaleBar scale={scale} />}
    </div>
  );
}

function Summary({ list }: { list: CutList }) {
  return (
    <p className="pb-3">
      <b className="text-2xl">{texts.bars({ bars: list.bars.length })}</b>{' '}
      <span className="text-soft">
        {texts.toCutInto} <Mass kg={list.massKg} /> {texts.ofPieces}
        {list.price > 0 && texts.includingPreparation({ value: list.price.toFixed(2) })}.{' '}
        {list.proven ? texts.thisIsTheCheapestWayTo : texts.aGoodWayACheaperOne}
      </span>
    </p>
  );
}

function BarCutUp({ bar, scale, kerfMm }: { bar: CutBar; scale: number; kerfMm: number }) {
  const pieces = bar.piecesMm.map((mm, i) => ({
    at: bar.piecesMm.slice(0, i).reduce((sum, before) => sum + before + kerfMm, 0) * scale,
    width: mm * scale,
  }));
  const { steel, widthMm, thicknessMm, lengthMm, source } = bar.bar;
  return (
    <div className="grid grid-cols-[13rem_1fr_13rem] items-center gap-3 max-md:grid-cols-1 max-md:gap-1 border-b border-rule py-1.5">
      <p className="leading-tight">
        <b>{steel}</b>{' '}
        <span className="condensed text-[13px] text-soft">
          <Length mm={widthMm} /> × <Length mm={thicknessMm} /> × <Length mm={lengthMm} unit />
          <br />
          {source}
        </span>
      </p>
      <svg
        width={lengthMm * scale + 2}
        height={BAR_PX + 2}
        role="img"
        aria-label={texts.piecesCutFrom({ length: bar.piecesMm.length, steel })}
      >
        <g transform="translate(1 1)">
          <rect
            width={lengthMm * scale}
            height={BAR_PX}
            fill="none"
            stroke="var(--ink)"
            strokeDasharray="4 3"
          />
          {pieces.map((p, i) => (
            <rect
              key={i}
              x={p.at}
              width={p.width}
              height={BAR_PX}
              fill="var(--panel)"
              stroke="var(--ink)"
              strokeWidth="1.2"
            />
          ))}
        </g>
      </svg>
      <p className="condensed text-[14px] leading-tight">
        {grouped(bar.piecesMm).map(([mm, n], i) => (
          <span key={mm}>
            {i > 0 && ', '}
            {texts.ofText2({ n })} <Length mm={mm} unit />
          </span>
        ))}
        <br />
        <span className="text-soft">
          <Length mm={bar.offcutMm} unit /> {texts.left}
          {bar.price !== null && ` · ${bar.price.toFixed(2)}`}
          {bar.bar.prepMinutes ? texts.minToPrepare({ prepMinutes: bar.bar.prepMinutes }) : ''}
        </span>
      </p>
    </div>
  );
}

function grouped(lengths: readonly number[]): readonly (readonly [number, number])[] {
  const counts = new Map<number, number>();
  for (const mm of lengths) counts.set(mm, (counts.get(mm) ?? 0) + 1);
  return [...counts];
}
