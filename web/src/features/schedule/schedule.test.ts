import { describe, expect, it } from 'vitest';
import type { Asked, Way, Within } from './api';
import { FULL, limitAt, relaxed, withLimit } from './ask';
import { brushed, hours, ordered } from './weigh';

const WITHIN: Within = {
  tallestMm: 100,
  longestMm: 900,
  heaviestKg: 5.5,
  shortestMm: 60,
  outerLayerMm: 0,
  wideMm: 130,
  highMm: 110,
  forceKn: 218,
};

const ASKED: Asked = {
  count: 300,
  tolerance: 0.05,
  counted: 'VISIBLE',
  from: { kind: 'STACKS', outside: [], inside: [], widthMm: 40, plan: null, stage: null, measured: null },
  finished: { widthMm: 38, heightMm: 6, lengthMm: 300 },
  bounds: FULL,
  insert: null,
  core: [],
  blockMm: null,
  within: null,
};

const way = (words: string, welds: number, startKg: number, visible: number, distance: number) =>
  ({
    words,
    welds,
    startKg,
    visible,
    distance,
    finishedMm: 300,
    minutes: 600,
    chance: 0.8,
  }) as unknown as Way;

const WAYS = [way('a', 3, 1.2, 290, 10), way('b', 4, 1.1, 300, 0), way('c', 3, 1.5, 303, 3)];
const words = (ways: readonly Way[]) => ways.map((w) => w.words).join('');

describe('a question', () => {
  it('takes a limit over from the shop when one of them is moved', () => {
    const moved = withLimit(ASKED, WITHIN, 'TALLEST', 120);
    expect(moved.within).toEqual({ ...WITHIN, tallestMm: 120 });
    expect(limitAt(moved, moved.within ?? WITHIN, 'TALLEST')).toBe(120);
  });

  it('moves the finished length like a limit', () => {
    expect(withLimit(ASKED, WITHIN, 'LENGTH', 250).finished.lengthMm).toBe(250);
    expect(limitAt(ASKED, WITHIN, 'LENGTH')).toBe(300);
  });

  it('takes all of a suggested change', () => {
    const changed = relaxed(ASKED, WITHIN, {
      limits: { TALLEST: 120, HEAVIEST: 6 },
      tolerance: 0.08,
      words: [],
    });
    expect(changed.within).toEqual({ ...WITHIN, tallestMm: 120, heaviestKg: 6 });
    expect(changed.tolerance).toBe(0.08);
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
    expect(words(brushed(WAYS, kg, axes, false, 'METRIC'))).toBe('ac');
    const lb = { x: [2.6, 3.4], y: [2.5, 3.5] } as const;
    expect(words(brushed(WAYS, lb, axes, false, 'INCH'))).toBe('ac');
    expect(words(brushed(WAYS, null, axes, false, 'METRIC'))).toBe('abc');
  });

  it('say their time in hours and minutes', () => {
    expect(hours(35.4)).toBe('35 min');
    expect(hours(605)).toBe('10 h 05');
  });
});
