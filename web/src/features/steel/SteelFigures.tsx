import * as texts from 'texts/steel/SteelFigures';
import type { ReactNode } from 'react';
import { useUnits } from '../../ui/Words';
import { show } from '../../units';
import type { Basis, Confidence, Figure, Steel } from './api';

const BASIS_WORDS: Record<Basis, string> = {
  MEASURED: texts.measured,
  STANDARD: texts.fromAStandard,
  COMPUTED: texts.computed,
  TYPICAL: texts.typical,
};

export const CONFIDENCE_WORDS: Record<Confidence, string> = {
  HIGH: texts.aStandardGradeFiguresHoldWithin,
  MEDIUM: texts.heatsVaryOrItWasTested,
  LOW: texts.anEstimateForStockOfThat,
};

const CONTENTS = [
  ['C', 'carbon'],
  [texts.mn, 'manganese'],
  [texts.si, 'silicon'],
  [texts.ni, 'nickel'],
  [texts.cr, 'chromium'],
  [texts.mo, 'molybdenum'],
  ['V', 'vanadium'],
  ['W', 'tungsten'],
  [texts.cu, 'copper'],
  ['P', 'phosphorus'],
] as const;

/** Thickness of a blade, up to which the milder quench hardens it; mm. */
const BLADE_MM = 6;

/** What kind of quantity a figure is; null for a number as it is. */
type Kind = 'temperatureChange' | 'hardness' | 'expansion' | 'density' | null;

/** Every figure of one steel with how sure it is and where it comes from. */
export function SteelFigures({ steel }: { steel: Steel }) {
  const units = useUnits();
  const heat = (c: number) => show('temperature', c, units);
  const { hardening: h, weldWindow: w } = steel;
  const rows: readonly (readonly [
    label: string,
    value: ReactNode,
    from: Figure | string | null,
    kind?: Kind,
  ])[] = [
    [texts.meltingBegins, heat(steel.solidus.value), steel.solidus, 'temperatureChange'],
    [texts.meltingEnds, steel.liquidus && heat(steel.liquidus.value), steel.liquidus],
    [
      texts.welds,
      w ? texts.to({ fromC: heat(w.fromC), toC: heat(w.toC) }) : texts.not,
      texts.withAMarginBelowMeltingFor,
    ],
    [texts.easeOfWelding, texts.of51IsEasiest({ weldability: steel.weldability }), texts.judgement],
    [
      texts.hardens,
      h ? texts.to({ fromC: heat(h.fromC), toC: heat(h.toC) }) : texts.doesNotHarden,
      h ? texts.forASoakOf5To : '',
    ],
    [
      texts.quench,
      h &&
        texts.upTo({
          quench: h.quench,
          show: show('length', BLADE_MM, units),
          bladeQuench: h.bladeQuench,
          value: h.shallow ? texts.shallow : '',
        }),
      texts.typical,
    ],
    [texts.martensiteFrom, h && heat(h.ms.value), h && h.ms, 'temperatureChange'],
    [texts.asQuenched, h && texts.hrc({ value: h.asQuenched.value }), h && h.asQuenched, 'hardness'],
    [texts.austeniteFrom, steel.ac1 && heat(steel.ac1.value), steel.ac1, 'temperatureChange'],
    [texts.etchTone, steel.etchTone.value.toFixed(2), steel.etchTone, null],
    [
      texts.expansionTo({ heat: heat(100) }),
      show('expansion', steel.expansionTo100.value, units),
      steel.expansionTo100,
      'expansion',
    ],
    [
      texts.expansionTo({ heat: heat(1000) }),
      show('expansion', steel.expansionTo1000.value, units),
      steel.expansionTo1000,
      'expansion',
    ],
    [texts.density, show('density', steel.density.value, units), steel.density, 'density'],
  ];
  const c = steel.composition;
  return (
    <section aria-label={texts.figuresOf({ id: steel.id })}>
      <h2 className="text-lg">
        {steel.id} <span className="font-normal text-soft">{steel.name}</span>
      </h2>
      <p className="text-[14px] text-soft">{steel.designations}</p>
      <p className="py-1.5 text-[14px]">
        <b>
          {steel.confidence === 'HIGH'
            ? texts.sure
            : steel.confidence === 'MEDIUM'
              ? texts.fair
              : texts.uncertain}
        </b>
        {CONFIDENCE_WORDS[steel.confidence]}.
      </p>
      <p className="condensed pb-2 text-[14px]">
        {CONTENTS.filter(([, key]) => c[key] > 0).map(([symbol, key]) => (
          <span key={symbol} className="mr-3 whitespace-nowrap">
            {symbol} <b>{c[key]}</b>
            {symbol === 'C' &&
              c.carbonMax > c.carbonMin &&
              texts.to2({ carbonMin: c.carbonMin, carbonMax: c.carbonMax })}
          </span>
        ))}
        %
      </p>
      <table className="w-full max-w-2xl text-[14px]">
        <tbody>
          {rows
            .filter(([, value]) => value !== null && value !== undefined)
            .map(([label, value, figure, kind = null]) => (
              <tr key={label} className="border-t border-rule [&>td]:py-1 [&>td]:pr-4">
                <td className="text-soft">{label}</td>
                <td className="font-semibold whitespace-nowrap">{value}</td>
                <td className="condensed text-soft">
                  {figure !== null && typeof figure === 'object' ? (
                    <>
                      ± {kind ? show(kind, figure.plusMinus, units) : figure.plusMinus},{' '}
                      {BASIS_WORDS[figure.basis]}: {figure.source}
                    </>
                  ) : (
                    figure
                  )}
                </td>
              </tr>
            ))}
        </tbody>
      </table>
      {(steel.weldNote || steel.etchNote) && (
        <p className="max-w-2xl pt-2 text-[14px] text-soft">
          {[steel.weldNote, steel.etchNote].filter(Boolean).join('. ')}.
        </p>
      )}
    </section>
  );
}
