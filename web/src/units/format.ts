import * as texts from 'texts/units/format';
import {
  BY_MARK,
  countOf,
  systemOf,
  UNITS,
  usualUnit,
  type QuantityKind,
  type Unit,
  type Units,
  type UnitSystem,
} from './quantity';

/** A length as shown: in inches a whole part and perhaps a fraction, else decimals. */
export interface ShownLength {
  readonly whole: string;
  readonly top?: number;
  readonly bottom?: number;
  /** All of it as plain text, without the unit. */
  readonly text: string;
  /** With every digit and both units, for hovering. */
  readonly exact: string;
}

export const FINEST_FRACTION = 64;
export const MM_PER_INCH = 25.4;
/** Below 1/16 in a smith thinks in thousandths. */
const THOUSANDTHS_BELOW_IN = 1 / 16;
/** A sheet of .070 is no 1/16: thousandths where 1/64 is this much off, as a share. */
const MOST_OFF = 0.03;
/** From here on hundredths of an inch say more than a long fraction. */
const DECIMAL_FROM_IN = 24;

/** Rounded half away from zero, as the core does. */
function fixed(value: number, digits: number): string {
  const sign = value < 0 ? -1 : 1;
  const size = Number(`${Math.round(Number(`${Math.abs(value)}e${digits}`))}e-${digits}`);
  return String(sign * size + 0);
}
export const rounded = (value: number, digits: number) =>
  Math.abs(value) < 1e-6 || Math.abs(value) >= 1e15
    ? String(Number(value.toFixed(digits)) + 0)
    : fixed(value, digits);

/** To three figures; an estimate is never reported to more. */
function figures(value: number): string {
  if (value === 0) return '0';
  // What is below a thousandth of its unit is an error or a difference: one figure of it is enough.
  const after = Math.abs(value) < 0.001 ? 0 : 2;
  const digits = after - Math.floor(Math.log10(Math.abs(value)));
  const round =
    digits >= 0
      ? Number(rounded(value, Math.min(digits, 12)))
      : Math.round(value / 10 ** -digits) * 10 ** -digits;
  return Math.abs(round) < 1000 ? String(round) : round.toLocaleString('en');
}

const millimetres = (mm: number) => {
  const size = Math.abs(mm);
  if (size !== 0 && size < 0.1) return String(Number(mm.toPrecision(2)));
  return rounded(mm, size < 10 ? 2 : size < 100 ? 1 : 0);
};

/** A length for reading: inches to the nearest 1/64, thousandths where that is too coarse. */
export function showLength(mm: number, units: Units): ShownLength {
  const inches = Math.abs(mm) / MM_PER_INCH;
  const sign = mm < 0 ? '-' : '';
  const exact =
    systemOf(units, 'length') === 'METRIC'
      ? texts.mm({ mm: rounded(mm, 4) })
      : texts.inText({ rounded: rounded(mm / MM_PER_INCH, 4) });
  const plain = (text: string): ShownLength => ({ whole: text, text, exact });
  if (systemOf(units, 'length') === 'METRIC') return plain(millimetres(mm));
  if (inches !== 0 && inches < THOUSANDTHS_BELOW_IN) {
    return plain(sign + rounded(inches, inches < 0.001 ? 5 : 3).replace(/^0\./, '.'));
  }
  const exactParts = inches * FINEST_FRACTION;
  const parts = Math.round(exactParts);
  const off = Math.abs(exactParts - parts);
  const isWhole = off < 1e-9 * exactParts + 1e-9;
  if (off > MOST_OFF * exactParts) return plain(sign + rounded(inches, 3).replace(/^0\./, '.'));
  if (inches >= DECIMAL_FROM_IN && !isWhole) return plain(sign + rounded(inches, 2));
  const { whole, top, bottom } = mixed(parts);
  if (top === 0) return plain(sign + String(whole));
  return {
    whole: whole === 0 ? sign : sign + String(whole),
    top,
    bottom,
    text: sign + mixedText(parts),
    exact,
  };
}

/** So many 64ths as a whole number and the shortest fraction. */
function mixed(parts: number) {
  const whole = Math.floor(parts / FINEST_FRACTION);
  let top = parts % FINEST_FRACTION;
  let bottom = FINEST_FRACTION;
  while (top !== 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  return { whole, top, bottom };
}

export function mixedText(parts: number) {
  const { whole, top, bottom } = mixed(parts);
  if (top === 0) return String(whole);
  return whole === 0 ? `${top}/${bottom}` : `${whole} ${top}/${bottom}`;
}

/** Grams below a kilogram, ounces below a pound, bar below a megapascal. */
function shownUnit(kind: QuantityKind, value: number, system: UnitSystem): Unit {
  const usual = usualUnit(kind, system);
  if (value === 0 || countOf(usual, Math.abs(value)) >= 1) return usual;
  const smaller = { kg: 'g', lb: 'oz', MPa: 'bar' }[usual.symbol];
  return UNITS[kind].find((u) => u.symbol === smaller) ?? usual;
}

function time(seconds: number): string {
  const size = Math.abs(seconds);
  if (size < 90) return `${figures(size >= 10 ? Math.round(seconds) : seconds)} s`;
  const minutes = seconds / 60;
  if (size < 3600) return `${rounded(minutes, size < 600 ? 1 : 0)} min`;
  const whole = Math.round(minutes);
  return whole % 60 === 0
    ? `${whole / 60} h`
    : texts.hMin({ value: Math.floor(whole / 60), value2: whole % 60 });
}

/** The unit that is beside a field or over a column. */
export const unitOf = (kind: QuantityKind, units: Units) => usualUnit(kind, systemOf(units, kind)).symbol;

/** How many of the reader's usual unit a value is, for an axis with round figures. */
export const countIn = (kind: QuantityKind, value: number, units: Units) =>
  countOf(usualUnit(kind, systemOf(units, kind)), value);

/** A value for reading, in the reader's units, with its unit. */
export function show(kind: QuantityKind, value: number, units: Units): string {
  const system = systemOf(units, kind);
  const usual = usualUnit(kind, system);
  switch (kind) {
    case 'length':
      return `${showLength(value, units).text} ${usual.symbol}`;
    case 'temperature':
    case 'temperatureChange':
      return `${Math.round(countOf(usual, value)) + 0} ${usual.symbol}`;
    case 'time':
      return time(value);
    case 'share':
      return `${figures(value * 100)}%`;
    case 'angle':
      return `${figures(value)}°`;
    case 'pricePerLength':
    case 'pricePerMass':
      return `${countOf(usual, value).toFixed(2)} ${usual.symbol}`;
    default: {
      const unit = shownUnit(kind, value, system);
      return `${figures(countOf(unit, value))} ${unit.symbol}`;
    }
  }
}

/** A share as percent. */
export const showPercent = (share: number) => `${Math.round(share * 100)}%`;

/** Replaces the figures the core marked in a sentence by the reader's units. */
export function renderWords(sentence: string, units: Units): string {
  return sentence.replace(
    /\[\[([a-zA-Z0-9/-]+) (-?[0-9.]+)]]/g,
    (mark: string, unit: string, digits: string) => {
      const kind = BY_MARK[unit];
      return kind ? show(kind, Number(digits), units) : mark;
    },
  );
}
