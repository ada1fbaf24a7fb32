import { FINEST_FRACTION, MM_PER_INCH, mixedText, rounded } from './format';
import { parseQuantity } from './parse';
import { countOf, systemOf, usualUnit, type QuantityKind, type Units } from './quantity';

/** Digits a field shows of a count of its unit. */
const fieldDigits = (count: number) => {
  const size = Math.abs(count);
  return size < 0.001 ? 5 : size < 0.1 ? 4 : size < 10 ? 3 : size < 100 ? 2 : size < 1000 ? 1 : 0;
};

/**
 * A value for a field, without a unit: exact where a fraction of an inch or a few decimals of the reader's
 * unit are exact, else rounded to what a smith sets. A field left as it was keeps its stored value.
 */
export function edit(kind: QuantityKind, value: number, units: Units): string {
  const system = systemOf(units, kind);
  const usual = usualUnit(kind, system);
  const readsBack = (text: string) => {
    const back = parseQuantity(kind, text, system);
    return 'value' in back && back.value === value;
  };
  if (kind === 'length' && system === 'INCH' && value !== 0) {
    const text =
      (value < 0 ? '-' : '') + mixedText(Math.round((Math.abs(value) / MM_PER_INCH) * FINEST_FRACTION));
    if (readsBack(text)) return text;
  }
  const count = countOf(usual, value);
  const written = (digits: number) => {
    const text = rounded(count, digits);
    return kind === 'length' && system === 'INCH' ? text.replace(/^(-?)0\./, '$1.') : text;
  };
  const exact = [0, 1, 2, 3, 4].map(written).find(readsBack);
  return exact ?? written(kind === 'temperature' ? 0 : fieldDigits(count));
}
