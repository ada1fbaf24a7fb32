import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import {
  edit,
  METRIC,
  parseCount,
  parseNumber,
  parseQuantity,
  renderWords,
  show,
  showLength,
  unitOf,
  US,
  type QuantityKind,
  type Units,
  type UnitSystem,
} from '.';

/** The core's own tables: what it reads and shows, the pages read and show alike. */
const rows = (file: string) =>
  readFileSync(`../core/src/test/resources/app/geminal/units/${file}`, 'utf8')
    .split('\n')
    .filter((line) => line !== '' && !line.startsWith('#'))
    .map((line) => line.split('|') as [string, string, string, string]);
const kindOf = (name: string) =>
  name.toLowerCase().replace(/_(.)/g, (_, letter: string) => letter.toUpperCase()) as QuantityKind;
const unitsOf = (system: string): Units => (system === 'METRIC' ? METRIC : US);

describe('typed quantities', () => {
  it.each(rows('typed-quantities.txt'))('%s “%s” in %s is %s', (kind, text, system, value) => {
    const read = parseQuantity(kindOf(kind), text, system as UnitSystem);
    if (value === 'unreadable') {
      expect(read).toHaveProperty('error');
    } else {
      expect(read).toEqual({ value: Number(value) });
    }
  });

  it('reads counts and plain numbers', () => {
    expect(parseCount('5')).toEqual({ value: 5 });
    expect(parseCount('5.0')).toHaveProperty('error');
    expect(parseNumber('12.5')).toEqual({ value: 12.5 });
    expect(parseNumber('− 3')).toEqual({ value: -3 });
    expect(parseNumber('-0')).toEqual({ value: 0 });
    expect(parseNumber('--3')).toHaveProperty('error');
    expect(parseNumber('eight')).toHaveProperty('error');
  });
});

describe('shown quantities', () => {
  it.each(rows('shown-quantities.txt'))('%s %s in %s reads %s', (kind, value, system, text) => {
    expect(show(kindOf(kind), Number(value), unitsOf(system))).toBe(text);
  });

  it('keeps the exact value of a length for hovering', () => {
    expect(showLength(2.38125, US).exact).toBe('0.0938 in');
    expect(showLength(2.38125, METRIC).exact).toBe('2.3813 mm');
  });

  it('lets a reader choose single quantities', () => {
    const mixed: Units = { system: 'METRIC', chosen: { temperature: 'INCH' } };
    expect(show('temperature', 1260, mixed)).toBe('2300 °F');
    expect(show('length', 38, mixed)).toBe('38 mm');
    expect(unitOf('temperature', mixed)).toBe('°F');
  });

  it('puts marked figures into the reader’s units', () => {
    const words = 'A bar [[mm 38.1]] wide at [[C 1260]] under [[kN 218]] for [[s 2700]].';
    expect(renderWords(words, US)).toBe('A bar 1 1/2 in wide at 2300 °F under 24.5 tons for 45 min.');
    expect(renderWords(words, METRIC)).toBe('A bar 38.1 mm wide at 1260 °C under 218 kN for 45 min.');
  });
});

describe('fields', () => {
  it('reads back every 64th, every tenth and every degree to the same number', () => {
    for (let n = 1; n <= 64 * 30; n++) {
      const inch = (n * 254) / 640;
      expect(parseQuantity('length', edit('length', inch, US), 'INCH')).toEqual({ value: inch });
      expect(parseQuantity('length', edit('length', n / 10, METRIC), 'METRIC')).toEqual({ value: n / 10 });
    }
    for (let f = 1000; f <= 2700; f++) {
      const typed = parseQuantity('temperature', `${f} F`, 'METRIC');
      if (!('value' in typed)) throw new Error('unreadable');
      expect(edit('temperature', typed.value, US)).toBe(String(f));
    }
  });

  it.each<[QuantityKind, number, Units, string]>([
    ['length', 0.396875, US, '1/64'],
    ['length', 900, US, '35.43'],
    ['length', 38, US, '1.496'],
    ['length', 1.2446, US, '.049'],
    ['length', 0.0036, US, '.00014'],
    ['length', 38.1, METRIC, '38.1'],
    ['length', 2.38125, METRIC, '2.381'],
    ['temperature', 1176.6666666666667, METRIC, '1177'],
    ['temperature', 1183.5, US, '2162.3'],
    ['force', 218, US, '24.5'],
    ['pressure', 17.23689323292091, US, '2500'],
    ['mass', 11, US, '24.25'],
    ['share', 0.08, US, '8'],
    ['temperatureChange', -25, US, '-45'],
    ['power', 12, US, '40946'],
  ])('%s of %f is edited as %s', (kind, value, units, text) => {
    expect(edit(kind, value, units)).toBe(text);
  });
});
