import { parseLength, parseTemperature, type UnitSystem } from './parse';

/** A length as shown: in inches a whole part and perhaps a fraction, else one decimal. */
export interface ShownLength {
  readonly whole: string;
  readonly top?: number;
  readonly bottom?: number;
  /** All of it as plain text, without the unit. */
  readonly text: string;
  /** With every digit and both units, for hovering. */
  readonly exact: string;
}

const FINEST_FRACTION = 64;
const MM_PER_INCH = 25.4;
const LB_PER_KG = 1 / 0.45359237;

/** Digits that a smith reads at that size: 0.05, 2.38, 38.1, 412. */
const decimals = (mm: number) => (mm < 1 ? 3 : mm < 10 ? 2 : mm < 100 ? 1 : 0);
const trimmed = (value: number, digits: number) => String(Number(value.toFixed(digits)));

/** A length for reading: inches to the nearest 1/64, or thousandths where that is too coarse. */
export function showLength(mm: number, system: UnitSystem): ShownLength {
  const inches = mm / MM_PER_INCH;
  const exact = `${trimmed(mm, 4)} mm, ${trimmed(inches, 4)} in`;
  if (system === 'METRIC') {
    const text = trimmed(mm, decimals(mm));
    return { whole: text, text, exact };
  }
  const parts = Math.round(inches * FINEST_FRACTION);
  if (mm !== 0 && parts < 2) {
    const text = trimmed(inches, inches < 0.001 ? 5 : 3).replace(/^0/, '');
    return { whole: text, text, exact };
  }
  const whole = Math.floor(parts / FINEST_FRACTION);
  let top = parts % FINEST_FRACTION;
  let bottom = FINEST_FRACTION;
  while (top !== 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  if (top === 0) return { whole: String(whole), text: String(whole), exact };
  const fraction = `${top}/${bottom}`;
  return {
    whole: whole === 0 ? '' : String(whole),
    top,
    bottom,
    text: whole === 0 ? fraction : `${whole} ${fraction}`,
    exact,
  };
}

/** The unit that stands beside a shown length. */
export const lengthUnit = (system: UnitSystem) => (system === 'METRIC' ? 'mm' : 'in');

/**
 * A length for editing: reads back to the very same number. A fraction or a decimal of up to four places
 * where that is exact in the display unit, else millimetres with their unit.
 */
export function editLength(mm: number, system: UnitSystem): string {
  if (system === 'METRIC') return String(mm);
  const candidates = [...(mm > 0 ? [showLength(mm, 'INCH').text] : []), trimmed(mm / MM_PER_INCH, 4)];
  const exact = candidates.find((text) => {
    const back = parseLength(text, 'INCH');
    return 'value' in back && back.value === mm;
  });
  return exact ?? `${mm} mm`;
}

/** A temperature for reading, whole degrees with their unit. */
export function showTemperature(celsius: number, system: UnitSystem): string {
  return system === 'METRIC' ? `${Math.round(celsius)} °C` : `${Math.round((celsius * 9) / 5 + 32)} °F`;
}

/**
 * A temperature for editing. Whole degrees Fahrenheit read back to the very same number; Celsius is given to
 * 0.01 °C, and a field left as it was keeps its exact value.
 */
export function editTemperature(celsius: number, system: UnitSystem): string {
  if (system === 'METRIC') return trimmed(celsius, 2);
  const fahrenheit = String(Math.round((celsius * 9) / 5 + 32));
  const back = parseTemperature(fahrenheit, 'INCH');
  return 'value' in back && back.value === celsius ? fahrenheit : `${celsius} C`;
}

/** A difference of temperatures for reading. */
export const showDegrees = (celsius: number, system: UnitSystem) =>
  system === 'METRIC' ? `${Math.round(celsius)} °C` : `${Math.round(celsius * 1.8)} °F`;

/** A mass for reading, with its unit. */
export function showMass(kg: number, system: UnitSystem): string {
  const value = system === 'METRIC' ? kg : kg * LB_PER_KG;
  const digits = value < 0.1 ? 3 : value < 10 ? 2 : 1;
  return `${value.toFixed(digits)} ${system === 'METRIC' ? 'kg' : 'lb'}`;
}

/** A share as whole percent. */
export const showPercent = (share: number) => `${Math.round(share * 100)} %`;

/** Replaces the figures the core marked in a sentence by the reader's units. */
export function renderWords(sentence: string, system: UnitSystem): string {
  return sentence.replace(/\[\[(mm|C|dC) (-?[0-9.]+)]]/g, (_, unit: string, digits: string) => {
    const value = Number(digits);
    if (unit === 'mm') return `${showLength(value, system).text} ${lengthUnit(system)}`;
    return unit === 'C' ? showTemperature(value, system) : showDegrees(value, system);
  });
}
