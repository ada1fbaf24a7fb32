import type { ReactNode } from 'react';
import { useUnits } from '../../ui/Words';
import { show, type Units } from '../../units';
import type { Basis, Confidence, Figure, Steel } from './api';

const BASIS_WORDS: Record<Basis, string> = {
  MEASURED: 'measured',
  STANDARD: 'from a standard',
  COMPUTED: 'computed',
  TYPICAL: 'typical',
};

export const CONFIDENCE_WORDS: Record<Confidence, string> = {
  HIGH: 'a standard grade: figures hold within their ±',
  MEDIUM: 'heats vary, or it was tested in the shop: weld a coupon first',
  LOW: 'an estimate for stock of that kind: spark, harden and break, and etch a coupon first',
};

const CONTENTS = [
  ['C', 'carbon'],
  ['Mn', 'manganese'],
  ['Si', 'silicon'],
  ['Ni', 'nickel'],
  ['Cr', 'chromium'],
  ['Mo', 'molybdenum'],
  ['V', 'vanadium'],
  ['W', 'tungsten'],
  ['Cu', 'copper'],
  ['P', 'phosphorus'],
] as const;

/** Thickness of a blade, up to which the milder quench hardens it; mm. */
const BLADE_MM = 6;

/** How far a figure may be off, in the units the figure is shown in. */
function plusMinus(label: string, value: number, units: Units): string {
  if (label.startsWith('expansion')) return show('expansion', value, units);
  if (label === 'density') return show('density', value, units);
  if (label === 'etch tone') return String(value);
  return label === 'as quenched' ? show('hardness', value, units) : show('temperatureChange', value, units);
}

/** Every figure of one steel with how sure it is and where it comes from. */
export function SteelFigures({ steel }: { steel: Steel }) {
  const units = useUnits();
  const heat = (c: number) => show('temperature', c, units);
  const { hardening: h, weldWindow: w } = steel;
  const rows: readonly (readonly [string, ReactNode, Figure | string | null])[] = [
    ['melting begins', heat(steel.solidus.value), steel.solidus],
    ['melting ends', steel.liquidus && heat(steel.liquidus.value), steel.liquidus],
    [
      'welds',
      w ? `${heat(w.fromC)} to ${heat(w.toC)}` : 'not forge-welded',
      'with a margin below melting for segregation',
    ],
    ['ease of welding', `${steel.weldability} of 5, 1 is easiest`, 'judgement'],
    [
      'hardens',
      h ? `${heat(h.fromC)} to ${heat(h.toC)}` : 'does not harden',
      h ? 'for a soak of 5 to 10 min' : '',
    ],
    [
      'quench',
      h &&
        `${h.quench}; up to ${show('length', BLADE_MM, units)} ${h.bladeQuench}${h.shallow ? ', shallow' : ''}`,
      'typical',
    ],
    ['martensite from', h && heat(h.ms.value), h && h.ms],
    ['as quenched', h && `${h.asQuenched.value} HRC`, h && h.asQuenched],
    ['austenite from', steel.ac1 && heat(steel.ac1.value), steel.ac1],
    ['etch tone', steel.etchTone.value.toFixed(2), steel.etchTone],
    [`expansion to ${heat(100)}`, show('expansion', steel.expansionTo100.value, units), steel.expansionTo100],
    [
      `expansion to ${heat(1000)}`,
      show('expansion', steel.expansionTo1000.value, units),
      steel.expansionTo1000,
    ],
    ['density', show('density', steel.density.value, units), steel.density],
  ];
  const c = steel.composition;
  return (
    <section aria-label={`Figures of ${steel.id}`}>
      <h2 className="text-lg">
        {steel.id} <span className="font-normal text-soft">{steel.name}</span>
      </h2>
      <p className="text-[14px] text-soft">{steel.designations}</p>
      <p className="py-1.5 text-[14px]">
        <b>
          {steel.confidence === 'HIGH' ? 'Sure: ' : steel.confidence === 'MEDIUM' ? 'Fair: ' : 'Uncertain: '}
        </b>
        {CONFIDENCE_WORDS[steel.confidence]}.
      </p>
      <p className="condensed pb-2 text-[14px]">
        {CONTENTS.filter(([, key]) => c[key] > 0).map(([symbol, key]) => (
          <span key={symbol} className="mr-3 whitespace-nowrap">
            {symbol} <b>{c[key]}</b>
            {symbol === 'C' && c.carbonMax > c.carbonMin && ` (${c.carbonMin} to ${c.carbonMax})`}
          </span>
        ))}
        %
      </p>
      <table className="w-full max-w-2xl text-[14px]">
        <tbody>
          {rows
            .filter(([, value]) => value !== null && value !== undefined)
            .map(([label, value, figure]) => (
              <tr key={label} className="border-t border-rule [&>td]:py-1 [&>td]:pr-4">
                <td className="text-soft">{label}</td>
                <td className="font-semibold whitespace-nowrap">{value}</td>
                <td className="condensed text-soft">
                  {figure !== null && typeof figure === 'object' ? (
                    <>
                      ± {plusMinus(label, figure.plusMinus, units)}, {BASIS_WORDS[figure.basis]}:{' '}
                      {figure.source}
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
