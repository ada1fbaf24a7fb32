import * as texts from 'texts/schedule/FromFields';
import { useQuery } from '@tanstack/react-query';
import { Choice } from '../../ui/Choice';
import { MeasureField } from '../../ui/MeasureField';
import { useUnits } from '../../ui/Words';
import { showLength } from '../../units';
import type { Billet } from '../billet/api';
import type { Piece } from '../billet/plan';
import type { Steel } from '../steel/api';
import { SteelChoice } from '../steel/SteelChoice';
import { stockQuery } from '../stock/api';
import type { Asked } from './api';
import { SizeFields } from './SizeFields';
import type { Ask } from './useAsk';

/** Closer than this is the same thickness. */
const SAME_MM = 0.06;
const MOST_OTHERS = 3;

/** What there is to begin with: new stacks, the shelf's bars, or a billet's bar. */
export function FromFields({
  asked,
  steels,
  billet,
  onAsk,
}: {
  asked: Asked;
  steels: readonly Steel[];
  billet: Billet | undefined;
  onAsk: Ask;
}) {
  const { from } = asked;
  if (from.kind === 'BAR') return <BarFields asked={asked} billet={billet} onAsk={onAsk} />;
  const piece = (side: 'outside' | 'inside'): Piece => from[side]?.[0] ?? { steel: '1084', thicknessMm: 3 };
  const put = (side: 'outside' | 'inside', change: Partial<Piece>) =>
    onAsk((q) => {
      const next = { ...(q.from[side]?.[0] ?? piece(side)), ...change };
      const follows = side === 'inside' && q.insert !== null;
      return { ...q, from: { ...q.from, [side]: [next] }, insert: follows ? next : q.insert };
    });
  return (
    <>
      <Choice
        label={texts.from}
        hideLabel
        value={from.kind}
        options={[
          { value: 'STACKS', show: texts.newStacks },
          { value: 'SHELF', show: texts.steelOnTheShelf },
        ]}
        onChoose={(kind) =>
          // The shelf is asked for one thickness each.
          onAsk((q) => ({
            ...q,
            from: {
              ...q.from,
              kind,
              outside: q.from.outside?.slice(0, 1) ?? null,
              inside: q.from.inside?.slice(0, 1) ?? null,
            },
          }))
        }
      />
      {(['outside', 'inside'] as const).map((side) => (
        <div key={side} className="flex items-end gap-2">
          <SteelChoice
            label={side === 'outside' ? texts.outerSteel : texts.otherSteel}
            steels={steels}
            value={piece(side).steel}
            onChoose={(steel) => put(side, { steel })}
          />
          <MeasureField
            label={
              side === 'outside' ? texts.thick : <span className="sr-only">{texts.otherSteelThick}</span>
            }
            measure="length"
            width="w-20"
            hideUnit={side === 'inside'}
            value={piece(side).thicknessMm}
            onCommit={(thicknessMm) => put(side, { thicknessMm })}
          />
        </div>
      ))}
      {from.kind === 'STACKS' && <OtherThicknesses asked={asked} onAsk={onAsk} />}
      <MeasureField
        label={texts.pieceWidth}
        measure="length"
        width="w-28"
        value={from.widthMm ?? 0}
        onCommit={(widthMm) => onAsk((q) => ({ ...q, from: { ...q.from, widthMm }, blockMm: null }))}
      />
    </>
  );
}

/** Thicknesses of both steels that lie on the shelf besides the ones asked for, to be tried as well. */
function OtherThicknesses({ asked, onAsk }: { asked: Asked; onAsk: Ask }) {
  const shelf = useQuery(stockQuery).data ?? [];
  const system = useUnits();
  const { outside, inside } = asked.from;
  const withOthers = (pieces: readonly Piece[] | null): readonly Piece[] => {
    const first = pieces?.[0];
    if (!first) return [];
    const there = shelf.filter((s) => s.bar.steel === first.steel).map((s) => s.bar.thicknessMm);
    const others = [...new Set(there)].filter((mm) => Math.abs(mm - first.thicknessMm) > SAME_MM);
    return [first, ...others.slice(0, MOST_OTHERS).map((thicknessMm) => ({ ...first, thicknessMm }))];
  };
  const all = { outside: withOthers(outside), inside: withOthers(inside) };
  const others = [...all.outside.slice(1), ...all.inside.slice(1)];
  const tried = (outside?.length ?? 0) + (inside?.length ?? 0) > 2;
  if (others.length === 0) return null;
  return (
    <label className="flex items-baseline gap-2 text-[14px]">
      <input
        type="checkbox"
        className="accent-ink"
        checked={tried}
        onChange={() =>
          onAsk((q) => ({
            ...q,
            from: tried
              ? { ...q.from, outside: all.outside.slice(0, 1), inside: all.inside.slice(0, 1) }
              : { ...q.from, ...all },
          }))
        }
      />
      <span>
        {texts.tryOtherStock}
        {others.map((p) => `${p.steel} ${showLength(p.thicknessMm, system).text}`).join(', ')}
      </span>
    </label>
  );
}

function BarFields({ asked, billet, onAsk }: { asked: Asked; billet: Billet | undefined; onAsk: Ask }) {
  const { measured, stage } = asked.from;
  const planned = billet?.run.stages[stage ?? 0];
  if (!measured) return null;
  return (
    <>
      <p className="text-[14px] leading-snug text-soft">
        {texts.theBarAfterStep({ value: stage ?? 0 })}
        {planned && texts.visibleLayers({ value: planned.visibleCount.toLocaleString('en') })}
        {texts.typeWhatYouMeasuredTheRun}
      </p>
      <SizeFields
        size={measured}
        onSize={(change) =>
          onAsk((q) => ({ ...q, from: { ...q.from, measured: { ...measured, ...change } } }))
        }
      />
    </>
  );
}
