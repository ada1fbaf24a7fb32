import * as texts from 'texts/ui/Words';
import { createContext, use } from 'react';
import {
  METRIC,
  renderWords,
  show,
  showLength,
  systemOf,
  unitOf,
  type QuantityKind,
  type Units as ReaderUnits,
} from '../units';
import { heatColour } from '../figures/heat';

/** The units of the person who is signed in. */
export const Units = createContext<ReaderUnits>(METRIC);
export const useUnits = () => use(Units);

/** Whether the reader reads millimetres. */
export const useMetric = () => systemOf(useUnits(), 'length') === 'METRIC';

/** A sentence of the core's, its figures in the reader's units. */
export function Words({ of }: { of: string }) {
  return <>{renderWords(of, useUnits())}</>;
}

/** A length, fractions set as fractions; every digit on hover. */
export function Length({ mm, unit = false }: { mm: number; unit?: boolean }) {
  const units = useUnits();
  const shown = showLength(mm, units);
  return (
    <span title={shown.exact} className="whitespace-nowrap">
      {shown.whole}
      {shown.top !== undefined && (
        <span className="fraction">
          {shown.whole !== '' && <span className="sr-only"> {texts.and} </span>}
          {shown.whole !== '' && '\u2009'}
          {shown.top}/{shown.bottom}
        </span>
      )}
      {unit && <span className="text-soft"> {unitOf('length', units)}</span>}
    </span>
  );
}

/** Any quantity with its unit. */
export function Quantity({ kind, value }: { kind: QuantityKind; value: number }) {
  return <span className="whitespace-nowrap">{show(kind, value, useUnits())}</span>;
}

export function Mass({ kg }: { kg: number }) {
  return <Quantity kind="mass" value={kg} />;
}

/** A temperature with a spot of its heat colour: the one strong colour, used for nothing else. */
export function Temperature({ celsius }: { celsius: number }) {
  return (
    <span className="whitespace-nowrap">
      <span
        aria-hidden
        className="mr-1.5 inline-block h-2.5 w-2.5 rounded-full align-baseline"
        style={{ background: heatColour(celsius) }}
      />
      {show('temperature', celsius, useUnits())}
    </span>
  );
}
