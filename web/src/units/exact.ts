/**
 * Exact fractions for what is typed, so that a value is rounded once, at the end: 3/32 in is the number
 * nearest to 2.38125 and no other.
 */
export interface Ratio {
  readonly over: bigint;
  readonly under: bigint;
}

export const ratio = (over: bigint | number, under: bigint | number = 1n): Ratio => ({
  over: BigInt(over),
  under: BigInt(under),
});

/** The exact value of a decimal numeral such as `.062`. */
export function ofDecimal(numeral: string): Ratio {
  const [whole = '', part = ''] = numeral.split('.');
  return ratio(BigInt((whole || '0') + part), 10n ** BigInt(part.length));
}

export const plus = (a: Ratio, b: Ratio): Ratio =>
  ratio(a.over * b.under + b.over * a.under, a.under * b.under);

export const times = (a: Ratio, b: Ratio): Ratio => ratio(a.over * b.over, a.under * b.under);

const DIGITS = 40;

/** The nearest number: 40 decimal digits before the last rounding leave it correctly rounded. */
export function toNumber(r: Ratio): number {
  const sign = r.over < 0n ? '-' : '';
  const over = r.over < 0n ? -r.over : r.over;
  const digits = ((over * 10n ** BigInt(DIGITS)) / r.under).toString().padStart(DIGITS + 1, '0');
  return Number(`${sign}${digits.slice(0, -DIGITS)}.${digits.slice(-DIGITS)}`);
}
