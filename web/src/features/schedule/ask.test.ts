import { describe, expect, it } from 'vitest';
import type { Steel } from '../steel/api';
import type { Shelved } from '../stock/api';
import type { Asked, Within } from './api';
import { firstQuestion, FULL, LIMIT_MEASURE, LIMIT_NAME, limitAt, relaxed, withLimit } from './ask';

const STEELS = [
  { id: '1084', etchTone: { value: 0.15 } },
  { id: '15N20', etchTone: { value: 0.85 } },
] as unknown as Steel[];

const SHELF = [{ bar: { steel: '1084', thicknessMm: 4.7625 } }] as unknown as Shelved[];

const WITHIN: Within = {
  tallestMm: 100,
  longestMm: 900,
  heaviestKg: 5.5,
  shortestMm: 60,
  outerLayerMm: 0,
  coarsePercent: 15,
  finestMm: 0.008,
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

describe('a question for the Finder', () => {
  it('begins with the usual pair, as thick as it lies on the shelf or is mostly sold', () => {
    const { from, insert } = firstQuestion(STEELS, SHELF);
    expect(from.outside).toEqual([{ steel: '1084', thicknessMm: 4.7625 }]);
    expect(from.inside).toEqual([{ steel: '15N20', thicknessMm: 1.5875 }]);
    expect(insert).toEqual({ steel: '15N20', thicknessMm: 1.5875 });
    expect(firstQuestion(STEELS, []).from.outside).toEqual([{ steel: '1084', thicknessMm: 3.175 }]);
  });

  it('knows which limits are lengths', () => {
    const other = Object.keys(LIMIT_NAME).filter(
      (l) => LIMIT_MEASURE[l as keyof typeof LIMIT_NAME] !== 'length',
    );
    expect(other.sort()).toEqual(['COARSE', 'FORCE', 'HEAVIEST']);
  });
});

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

  it('leaves the question before as it was, and one without a change too', () => {
    const moved = withLimit(ASKED, WITHIN, 'TALLEST', 120);
    expect(ASKED.within).toBeNull();
    expect(relaxed(moved, WITHIN, { limits: {}, tolerance: null, words: [] })).toEqual(moved);
  });
});
