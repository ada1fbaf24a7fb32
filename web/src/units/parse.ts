import * as texts from 'texts/units/parse';
import { ofDecimal, plus, ratio, times, toNumber, type Ratio } from './exact';
import { stored, UNITS, usualUnit, type QuantityKind, type Unit, type UnitSystem } from './quantity';

/** A value in the stored unit, or what is wrong with the text. */
export type Parsed = { readonly value: number } | { readonly error: string };

const FRACTIONS: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
};
const NUMBER =
  /(?:(\d+)(?: +| ?- ?))?(\d+) ?\/ ?(\d+)|(\d{1,3}(?:,\d{3})+(?:\.\d+)?)(?![\d,])|(\d+\.?\d*|\.\d+)/y;
const MOST_DIGITS = 20;

const REMEDY: Record<QuantityKind, string> = {
  length: texts.length,
  temperature: texts.temperature,
  temperatureChange: texts.temperatureChange,
  mass: texts.mass,
  force: texts.force,
  pressure: texts.pressure,
  volume: texts.volume,
  power: texts.power,
  massFlow: texts.massFlow,
  speed: texts.speed,
  time: texts.time,
  density: texts.density,
  expansion: texts.expansion,
  pricePerLength: texts.pricePerLength,
  pricePerMass: texts.pricePerMass,
  share: texts.share,
  angle: texts.angle,
  hardness: texts.hardness,
};

const tidy = (text: string) =>
  text
    .toLowerCase()
    .replace(/[\u00a0\u202f]/g, ' ')
    .replaceAll('⁄', '/')
    .replace(/[−–]/g, '-')
    .replaceAll('μ', 'µ')
    .replaceAll("''", '"')
    .replace(/[”″]/g, '"')
    .replace(/[’′]/g, "'")
    .replace(/[½¼¾⅛⅜⅝⅞⅓⅔]/g, (sign) => ` ${FRACTIONS[sign] ?? ''}`)
    .trim()
    .replace(/ +/g, ' ');

const unreadable = (text: string, remedy: string): Parsed => ({
  error:
    text.trim() === ''
      ? texts.nothingIsEntered({ remedy })
      : texts.cannotBeRead({ typed: text.trim(), remedy }),
});

/** A name ends where no letter continues: `m` is not the beginning of `mm`. */
const endsAt = (text: string, end: number, name: string) =>
  !/\p{L}$/u.test(name) || !/^\p{L}/u.test(text.slice(end));

function writtenUnit(kind: QuantityKind, text: string, at: number): { unit: Unit; end: number } | null {
  const names = UNITS[kind]
    .flatMap((unit) => unit.names.map((name) => ({ name, unit })))
    .sort((a, b) => b.name.length - a.name.length);
  const found = names.find(({ name }) => text.startsWith(name, at) && endsAt(text, at + name.length, name));
  return found ? { unit: found.unit, end: at + found.name.length } : null;
}

/**
 * Reads what a person typed: a number, a fraction or both, with or without a unit of either system, several
 * parts as in `2 ft 3`, a sign. Rounded once, at the end, to the number nearest to what was typed.
 */
export function parseQuantity(kind: QuantityKind, typed: string, whenNoUnit: UnitSystem): Parsed {
  const text = tidy(typed);
  const fail = unreadable(typed, REMEDY[kind]);
  if (text.replace(/\D/g, '').length > MOST_DIGITS) return fail;
  let at = 0;
  const skip = () => {
    while (text[at] === ' ') at++;
  };
  const negative = text[at] === '-';
  if (negative || text[at] === '+') at++;
  skip();
  let sum: Ratio | null = null;
  let last: Unit | null = null;
  while (at < text.length || sum === null) {
    NUMBER.lastIndex = at;
    const match = NUMBER.exec(text);
    if (!match) return fail;
    at = NUMBER.lastIndex;
    const [, whole, top, bottom, grouped, decimal] = match;
    let value: Ratio;
    if (decimal !== undefined) {
      value = ofDecimal(decimal);
    } else if (grouped !== undefined) {
      value = ofDecimal(grouped.replaceAll(',', ''));
    } else {
      if (BigInt(bottom ?? 0) === 0n) return { error: texts.fractionOverNothing };
      value = ratio(BigInt(top ?? 0), BigInt(bottom ?? 1));
      if (whole !== undefined) value = plus(value, ratio(BigInt(whole)));
    }
    const from = at;
    skip();
    if (text[at] === '-') at++;
    const written = writtenUnit(kind, text, at);
    let of: Unit | undefined;
    if (written) {
      of = written.unit;
      at = written.end;
    } else {
      at = from;
      // No one divides millimetres into halves: a bare fraction is of an inch.
      const inch = kind === 'length' && bottom !== undefined;
      of = last
        ? UNITS[kind].find((u) => u.symbol === last?.part)
        : usualUnit(kind, inch ? 'INCH' : whenNoUnit);
    }
    if (of === undefined || (last !== null && of.symbol !== last.part)) return fail;
    const part = stored(of, negative ? times(value, ratio(-1)) : value);
    sum = sum === null ? part : plus(sum, part);
    last = of;
    skip();
  }
  return { value: toNumber(sum) + 0 };
}

/** Reads a plain number that may lie below zero. */
export function parseNumber(text: string): Parsed {
  const bare = tidy(text);
  const match = /^([-+])? ?(\d+\.?\d*|\.\d+)$/.exec(bare);
  if (!match?.[2] || bare.replace(/\D/g, '').length > MOST_DIGITS)
    return unreadable(text, texts.enterANumber);
  const value = toNumber(ofDecimal(match[2]));
  return { value: match[1] === '-' && value !== 0 ? -value : value };
}

/** Reads a whole number. */
export function parseCount(text: string): Parsed {
  const bare = tidy(text);
  return /^\d{1,6}$/.test(bare) ? { value: Number(bare) } : unreadable(text, texts.enterAWholeNumber);
}
