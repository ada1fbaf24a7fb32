import { ofDecimal, plus, ratio, times, toNumber, type Ratio } from './exact';

/** What a person reads and types when no unit is written. */
export type UnitSystem = 'METRIC' | 'INCH';

/** A value in mm, °C or kg, or what is wrong with the text. */
export type Parsed = { readonly value: number } | { readonly error: string };

const DECIMAL = String.raw`\d+\.?\d*|\.\d+`;
const LENGTH = new RegExp(
  String.raw`^(-)?(?:(\d+)[ -]+)??(?:(\d+)/(\d+)|(${DECIMAL}))\s*(mm|cm|m|in(?:ch(?:es)?)?\.?|"|”|″)?$`,
);
const TEMPERATURE = new RegExp(String.raw`^(-)?(${DECIMAL})\s*°?\s*([cf])?$`);
const MASS = new RegExp(String.raw`^(${DECIMAL})\s*(kg|g|lbs?|oz)?$`);
const PLAIN = new RegExp(String.raw`^(${DECIMAL})$`);
const MOST_DIGITS = 20;

const MM_PER: Record<string, Ratio> = { mm: ratio(1), cm: ratio(10), m: ratio(1000) };
const MM_PER_INCH = ratio(254, 10);
const KG_PER: Record<string, Ratio> = {
  kg: ratio(1),
  g: ratio(1, 1000),
  lb: ratio(45359237, 100000000),
  lbs: ratio(45359237, 100000000),
  oz: ratio(45359237, 1600000000),
};

const tidy = (text: string) => text.trim().toLowerCase();
const tooLong = (text: string) => text.replace(/\D/g, '').length > MOST_DIGITS;
const unreadable = (text: string, remedy: string): Parsed => ({
  error:
    text.trim() === '' ? `Nothing is written here. ${remedy}` : `“${text.trim()}” cannot be read. ${remedy}`,
});

/**
 * Reads a length; `1 1/2`, `3/32`, `0.049 in` and `38 mm` may be typed whatever the display unit is. A fraction
 * without a unit is inches, since nobody divides millimetres that way.
 */
export function parseLength(text: string, whenNoUnit: UnitSystem): Parsed {
  const remedy = 'Write a length such as 38 mm, 1 1/2, 3/32 or 0.049 in.';
  const match = LENGTH.exec(tidy(text));
  if (!match || tooLong(text)) return unreadable(text, remedy);
  const [, minus, whole, top, bottom, decimal, unit] = match;
  if (whole !== undefined && decimal !== undefined) return unreadable(text, remedy);
  if (bottom !== undefined && Number(bottom) === 0) {
    return { error: 'A fraction cannot have 0 below the line.' };
  }
  let value = decimal !== undefined ? ofDecimal(decimal) : ratio(BigInt(top ?? 0), BigInt(bottom ?? 1));
  if (whole !== undefined) value = plus(value, ratio(BigInt(whole)));
  const perUnit =
    unit === undefined
      ? whenNoUnit === 'METRIC' && decimal !== undefined
        ? ratio(1)
        : MM_PER_INCH
      : (MM_PER[unit] ?? MM_PER_INCH);
  const mm = toNumber(times(value, perUnit));
  return { value: minus ? -mm : mm };
}

/** Reads a temperature: `2150 F`, `1180 C`, `2150`. */
export function parseTemperature(text: string, whenNoUnit: UnitSystem): Parsed {
  const match = TEMPERATURE.exec(tidy(text));
  if (!match?.[2] || tooLong(text)) return unreadable(text, 'Write a temperature such as 2150 F or 1180 C.');
  const typed = times(ofDecimal(match[2]), ratio(match[1] ? -1 : 1));
  const celsius = match[3] === undefined ? whenNoUnit === 'METRIC' : match[3] === 'c';
  return { value: toNumber(celsius ? typed : times(plus(typed, ratio(-32)), ratio(5, 9))) };
}

/** Reads a mass: `3.1 lb`, `1.4 kg`. */
export function parseMass(text: string, whenNoUnit: UnitSystem): Parsed {
  const match = MASS.exec(tidy(text));
  if (!match?.[1] || tooLong(text)) return unreadable(text, 'Write a mass such as 1.4 kg or 3.1 lb.');
  const perUnit = KG_PER[match[2] ?? (whenNoUnit === 'METRIC' ? 'kg' : 'lb')] ?? ratio(1);
  return { value: toNumber(times(ofDecimal(match[1]), perUnit)) };
}

/** Reads a plain number, with an optional word after it that is passed over, such as `%`. */
export function parseNumber(text: string, word = ''): Parsed {
  const bare = word && tidy(text).endsWith(word) ? tidy(text).slice(0, -word.length).trim() : tidy(text);
  const match = PLAIN.exec(bare);
  if (!match?.[1] || tooLong(text)) return unreadable(text, 'A number belongs here.');
  return { value: toNumber(ofDecimal(match[1])) };
}

/** Reads a number that may lie below zero, such as what a gauge is off by; any kind of minus will do. */
export function parseSigned(text: string): Parsed {
  const sign = /^\s*([-−–+])/.exec(text);
  const read = parseNumber(sign ? text.slice(sign[0].length) : text);
  return 'value' in read && sign && sign[1] !== '+' ? { value: read.value === 0 ? 0 : -read.value } : read;
}

/** Reads a whole number. */
export function parseCount(text: string): Parsed {
  const bare = tidy(text);
  return /^\d{1,6}$/.test(bare) ? { value: Number(bare) } : unreadable(text, 'A whole number belongs here.');
}
