import { describe, expect, it } from 'vitest';
import type { Weld } from '../book/api';
import { find } from '../book/find';
import { begin, commit, redo, undo } from './history';
import { patternOf, repeated, withChange, withoutStep, withStepMoved, type Piece, type Plan } from './plan';

const D: Piece = { steel: 'D', thicknessMm: 3 };
const B: Piece = { steel: 'B', thicknessMm: 1.5 };
const PLAN: Plan = {
  stack: { pieces: [D, B, D], widthMm: 40, lengthMm: 100 },
  steps: [
    { key: 'a', operation: { kind: 'draw', widthMm: 40, heightMm: 10, heats: 2 } },
    { key: 'b', operation: { kind: 'cut', pieces: 4, kerfMm: 1.6 } },
  ],
};
const keys = (plan: Plan) => plan.steps.map((s) => s.key).join('');

describe('a pattern', () => {
  it('is the shortest run the pieces follow', () => {
    expect(patternOf([D, B, D, B, D])).toEqual([D, B]);
    expect(patternOf([D, D, D])).toEqual([D]);
    expect(patternOf([D, B, B])).toEqual([D, B, B]);
    expect(patternOf([D])).toEqual([D]);
  });

  it('repeats to any count, and back', () => {
    for (let n = 2; n < 30; n++) expect(patternOf(repeated([D, B], n))).toEqual([D, B]);
    expect(repeated([D, B], 3)).toEqual([D, B, D]);
  });
});

describe('a plan', () => {
  it('changes one figure of one step and leaves its kind', () => {
    const changed = withChange(PLAN, 1, () => ({ pieces: 5 }));
    expect(changed.steps[1]?.operation).toEqual({ kind: 'cut', pieces: 5, kerfMm: 1.6 });
    expect(changed.steps[0]).toBe(PLAN.steps[0]);
    expect(withChange(PLAN, 7, () => ({ pieces: 5 }))).toBe(PLAN);
  });

  it('moves and loses steps by their place', () => {
    expect(keys(withStepMoved(PLAN, 0, 1))).toBe('ba');
    expect(withStepMoved(PLAN, 0, -1)).toBe(PLAN);
    expect(keys(withoutStep(PLAN, 0))).toBe('b');
  });
});

describe('undo', () => {
  it('goes back and forth at least 100 changes', () => {
    let h = begin(0);
    for (let n = 1; n <= 150; n++) h = commit(h, n);
    for (let n = 0; n < 120; n++) h = undo(h);
    expect(h.present).toBe(30);
    for (let n = 0; n < 20; n++) h = redo(h);
    expect(h.present).toBe(50);
  });

  it('loses what was undone when something new is done', () => {
    const h = commit(undo(commit(commit(begin('a'), 'b'), 'c')), 'd');
    expect(redo(h)).toBe(h);
    expect(undo(h).present).toBe('b');
  });

  it('stays where there is nothing', () => {
    const h = begin('a');
    expect(undo(h)).toBe(h);
    expect(redo(h)).toBe(h);
  });
});

describe('the Book', () => {
  const weld = (over: Partial<Weld>): Weld => ({
    id: 1,
    billetId: 1,
    billetName: 'Drawknife',
    stepKey: 's1',
    stepTitle: 'Weld 1, step 1',
    madeAt: '2026-02-09T13:05:00Z',
    temperatureC: 1170,
    school: 'DRY',
    outcome: 'HELD',
    note: 'Rang clean.',
    madeBy: 'Wharf smithy',
    ...over,
  });
  const all = [weld({ id: 1 }), weld({ id: 2, outcome: 'OPEN', note: 'Dark line at the handle end' })];

  it('finds by outcome and by every word', () => {
    expect(find(all, { outcome: 'OPEN', words: '' }).map((w) => w.id)).toEqual([2]);
    expect(find(all, { outcome: 'ALL', words: 'fuel DARK' }).map((w) => w.id)).toEqual([2]);
    expect(find(all, { outcome: 'HELD', words: 'dark' })).toEqual([]);
  });
});
