import { describe, expect, it } from 'vitest';
import {
  editLength,
  editTemperature,
  parseCount,
  parseLength,
  parseMass,
  parseNumber,
  parseSigned,
  parseTemperature,
  renderWords,
  showLength,
  showMass,
  showTemperature,
  type UnitSystem,
} from '.';

describe('typed lengths', () => {
  it.each<[string, UnitSystem, number]>([
    ['1 1/2', 'INCH', 38.1],
    ['1-1/2', 'INCH', 38.1],
    ['3/32', 'INCH', 2.38125],
    ['3/32 in', 'METRIC', 2.38125],
    ['3/32', 'METRIC', 2.38125],
    ['1 1/2', 'METRIC', 38.1],
    ['1/2 mm', 'METRIC', 0.5],
    ['0.049 in', 'METRIC', 1.2446],
    ['.062', 'INCH', 1.5748],
    ['38 mm', 'INCH', 38],
    [' 38MM ', 'INCH', 38],
    ['38', 'METRIC', 38],
    ['2 1/4 in', 'METRIC', 57.15],
    ['5 7/8"', 'METRIC', 149.225],
    ['1.2 cm', 'INCH', 12],
    ['-1/4', 'INCH', -6.35],
    ['0', 'INCH', 0],
  ])('%s in %s is %f mm', (text, system, value) => {
    expect(parseLength(text, system)).toEqual({ value });
  });

  it.each([
    '',
    'thick',
    '1 1',
    '1.5 1/2',
    '1/0',
    '3/',
    '12 kg',
    '1,5',
    '0x10',
    '1e5',
    '123456789012345678901',
  ])('refuses “%s” and says what to type', (text) => {
    expect(parseLength(text, 'INCH')).toHaveProperty('error');
  });

  it('reads back every 64th and every tenth to the same number in either unit', () => {
    for (let n = 1; n <= 64 * 60; n++) {
      const inch = (n * 254) / 640;
      const tenth = n / 10;
      for (const system of ['INCH', 'METRIC'] as const) {
        expect(parseLength(editLength(inch, system), system)).toEqual({ value: inch });
        expect(parseLength(editLength(tenth, system), system)).toEqual({ value: tenth });
      }
    }
  });
});

describe('shown lengths', () => {
  it.each<[number, UnitSystem, string]>([
    [38.1, 'INCH', '1 1/2'],
    [2.38125, 'INCH', '3/32'],
    [25.4, 'INCH', '1'],
    [4.365625, 'INCH', '11/64'],
    [0.3, 'INCH', '.012'],
    [0.0127, 'INCH', '.0005'],
    [0, 'INCH', '0'],
    [38.123, 'METRIC', '38.1'],
    [412.7, 'METRIC', '413'],
    [2.38125, 'METRIC', '2.38'],
    [0.05, 'METRIC', '0.05'],
  ])('%f mm in %s reads %s', (mm, system, text) => {
    expect(showLength(mm, system).text).toBe(text);
  });

  it('keeps the exact value for hovering', () => {
    expect(showLength(2.38125, 'INCH').exact).toBe('2.3813 mm, 0.0938 in');
  });
});

describe('temperatures', () => {
  it.each<[string, UnitSystem, number]>([
    ['2300 F', 'METRIC', 1260],
    ['2300', 'INCH', 1260],
    ['1180 C', 'INCH', 1180],
    ['1180°c', 'INCH', 1180],
    ['2150 F', 'METRIC', ((2150 - 32) * 5) / 9],
    ['-40 F', 'METRIC', -40],
  ])('%s in %s is %f °C', (text, system, value) => {
    expect(parseTemperature(text, system)).toEqual({ value });
  });

  it('reads back every whole degree to the same number', () => {
    for (let f = 1000; f <= 2700; f++) {
      const typed = parseTemperature(`${f} F`, 'METRIC');
      if (!('value' in typed)) throw new Error('unreadable');
      expect(editTemperature(typed.value, 'INCH')).toBe(String(f));
      expect(parseTemperature(`${typed.value} C`, 'INCH')).toEqual(typed);
    }
    expect(editTemperature(1183.5, 'INCH')).toBe('1183.5 C');
    expect(showTemperature(1176.6666666666667, 'INCH')).toBe('2150 °F');
    expect(editTemperature(1176.6666666666667, 'METRIC')).toBe('1176.67');
    expect(showTemperature(1176.6666666666667, 'METRIC')).toBe('1177 °C');
  });

  it.each(['', 'hot', '1180 K'])('refuses “%s”', (text) => {
    expect(parseTemperature(text, 'METRIC')).toHaveProperty('error');
  });
});

describe('masses and numbers', () => {
  it('reads pounds, ounces and grams', () => {
    expect(parseMass('1 lb', 'METRIC')).toEqual({ value: 0.45359237 });
    expect(parseMass('16 oz', 'METRIC')).toEqual({ value: 0.45359237 });
    expect(parseMass('500 g', 'INCH')).toEqual({ value: 0.5 });
    expect(parseMass('2', 'METRIC')).toEqual({ value: 2 });
    expect(parseMass('2 mm', 'METRIC')).toHaveProperty('error');
    expect(showMass(3.144, 'METRIC')).toBe('3.14 kg');
    expect(showMass(3.144, 'INCH')).toBe('6.93 lb');
  });

  it('reads counts and plain numbers', () => {
    expect(parseCount('5')).toEqual({ value: 5 });
    expect(parseCount('5.0')).toHaveProperty('error');
    expect(parseNumber('8 %', '%')).toEqual({ value: 8 });
    expect(parseNumber('12.5')).toEqual({ value: 12.5 });
    expect(parseNumber('eight')).toHaveProperty('error');
    expect(parseSigned('-12.5')).toEqual({ value: -12.5 });
    expect(parseSigned('− 3')).toEqual({ value: -3 });
    expect(parseSigned('+4')).toEqual({ value: 4 });
    expect(parseSigned('-0')).toEqual({ value: 0 });
    expect(parseSigned('--3')).toHaveProperty('error');
  });
});

it('puts marked figures into the reader’s units', () => {
  const words = 'A bar [[mm 38.1]] wide at [[C 1260]].';
  expect(renderWords(words, 'INCH')).toBe('A bar 1 1/2 in wide at 2300 °F.');
  expect(renderWords(words, 'METRIC')).toBe('A bar 38.1 mm wide at 1260 °C.');
});
