import { METRIC, US } from '../../units';
import { describe, expect, it } from 'vitest';
import type { Asked, Way } from './api';
import { brushed, hours, isGiven, keyOf, ordered, shownOf, valueOf, type Axis } from './weigh';

const way = (more: Partial<Way>): Way =>
  ({
    words: 'cut 4',
    blockMm: 24,
    welds: 3,
    faces: 12,
    startKg: 2,
    finishedMm: 300,
    minutes: 400,
    chance: 0.9,
    visible: 300,
    distance: 0,
    coarsePercent: 4,
    plain: false,
    schedule: { start: { outside: { thicknessMm: 3 }, inside: { thicknessMm: 1.5 } }, restacks: [] },
    ...more,
  }) as Way;

const listed = (words: string, welds: number, startKg: number, visible: number, distance: number) =>
  way({ words, welds, startKg, visible, distance, minutes: 600, chance: 0.8 });

const WAYS = [listed('a', 3, 1.2, 290, 10), listed('b', 4, 1.1, 300, 0), listed('c', 3, 1.5, 303, 3)];
const words = (ways: readonly Way[]) => ways.map((w) => w.words).join('');

describe('what ways are weighed by', () => {
  it.each<[Axis, number]>([
    ['welds', 3],
    ['faces', 12],
    ['steel', 2],
    ['time', 400 / 60],
    ['count', 300],
    ['even', 4],
  ])('%s', (axis, value) => {
    expect(valueOf(way({}), axis, false)).toBeCloseTo(value, 12);
  });

  it('risk is what is left of the chance', () => {
    expect(valueOf(way({ chance: 0.85 }), 'risk', false)).toBeCloseTo(0.15, 12);
  });

  it('where the start is given the finished length takes the place of the steel', () => {
    expect(valueOf(way({}), 'steel', true)).toBe(300);
    expect(isGiven({ from: { kind: 'BAR' } } as Asked)).toBe(true);
    expect(isGiven({ from: { kind: 'STACKS' } } as Asked)).toBe(false);
  });

  it('steel is shown in pounds or inches to who thinks in them', () => {
    expect(shownOf(way({ startKg: 0.45359237 }), 'steel', false, US)).toBeCloseTo(1, 12);
    expect(shownOf(way({ finishedMm: 25.4 }), 'steel', true, US)).toBe(1);
    expect(shownOf(way({ startKg: 2 }), 'steel', false, METRIC)).toBe(2);
    expect(shownOf(way({ welds: 4 }), 'welds', false, US)).toBe(4);
  });
});

describe('the order of ways', () => {
  const rows = (...welds: readonly number[]) => welds.map((w, i) => way({ welds: w, words: `${w} ${i}` }));
  const order = (ways: readonly Way[]) => ordered(ways, 'welds', false).map((w) => w.words);

  it('of a bar that is given is longest first', () => {
    const long = [way({ words: 'short', finishedMm: 200 }), way({ words: 'long', finishedMm: 280 })];
    expect(ordered(long, 'steel', true).map((w) => w.words)).toEqual(['long', 'short']);
  });

  it('brings the best way without sheets among the first five and leaves the others as they are', () => {
    const ways = [...rows(1, 2, 3, 4, 5, 6), way({ welds: 7, words: 'plain', plain: true })];
    expect(order(ways)).toEqual(['1 0', '2 1', '3 2', '4 3', 'plain', '5 4', '6 5']);
    const there = [way({ welds: 1, words: 'plain', plain: true }), ...rows(2, 3)];
    expect(order(there)[0]).toBe('plain');
  });
});

describe('ways', () => {
  it('are ordered best first, ties as they came', () => {
    expect(words(ordered(WAYS, 'welds', false))).toBe('acb');
    expect(words(ordered(WAYS, 'steel', false))).toBe('bac');
    expect(words(ordered(WAYS, 'count', false))).toBe('bca');
    expect(words(WAYS)).toBe('abc');
  });

  it('are narrowed by a frame in the units on the axes', () => {
    const axes = { x: 'steel', y: 'welds' } as const;
    const kg = { x: [1.15, 2], y: [2.5, 3.5] } as const;
    expect(words(brushed(WAYS, kg, axes, false, METRIC))).toBe('ac');
    const lb = { x: [2.6, 3.4], y: [2.5, 3.5] } as const;
    expect(words(brushed(WAYS, lb, axes, false, US))).toBe('ac');
    expect(words(brushed(WAYS, null, axes, false, METRIC))).toBe('abc');
  });

  it('say their time in hours and minutes', () => {
    expect(hours(35.4)).toBe('35 min');
    expect(hours(605)).toBe('10 h 5 min');
  });
});

it('a frame keeps what lies on its border', () => {
  const ways = [way({ words: 'a', welds: 2, startKg: 1 }), way({ words: 'b', welds: 4, startKg: 3 })];
  const axes = { x: 'welds', y: 'steel' } as const;
  const kept = brushed(ways, { x: [2, 3], y: [0, 1] }, axes, false, METRIC);
  expect(kept.map((w) => w.words)).toEqual(['a']);
});

describe('words', () => {
  it.each([
    [0, '0 min'],
    [59.4, '59 min'],
    [59.6, '1 h'],
    [580, '9 h 40 min'],
  ])('%d minutes are %s', (minutes, shown) => {
    expect(hours(minutes)).toBe(shown);
  });

  it('tell ways of the same schedule apart by thickness and block', () => {
    const thick = way({
      schedule: {
        start: { outside: { thicknessMm: 4 }, inside: { thicknessMm: 1.5 } },
        restacks: [],
      } as never,
    });
    const given = way({ schedule: { start: null, restacks: [] } });
    expect(new Set([keyOf(way({})), keyOf(thick), keyOf(way({ blockMm: 36 })), keyOf(given)]).size).toBe(4);
  });
});
