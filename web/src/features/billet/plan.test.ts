import { describe, expect, it } from 'vitest';
import { B, D, PLAN } from './examplePlan';
import type { Weld } from '../book/api';
import { findLines, grouped, linesOf } from '../book/lines';
import { begin, commit, redo, stored, undo } from './history';
import { patternOf, repeated } from './laid';
import { withChange, withCopy, withOff, withoutStep, withStepBefore, withStepMoved } from './planEdits';
import type { Plan } from './plan';
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
    expect(changed.steps[1]?.operation).toEqual({ kind: 'cut', pieces: 5, kerfMm: 1.6, eachMm: 0 });
    expect(changed.steps[0]).toBe(PLAN.steps[0]);
    expect(withChange(PLAN, 7, () => ({ pieces: 5 }))).toBe(PLAN);
  });

  it('takes steps in, copies them and leaves them out', () => {
    const copied = withCopy(PLAN, 0);
    expect(keys(copied)).toBe('as3b');
    expect(copied.steps[1]?.operation).toEqual(PLAN.steps[0]?.operation);
    const before = withStepBefore(PLAN, 0, { kind: 'grind', bottomMm: 1, topMm: 1 });
    expect(before.steps.map((s) => s.operation.kind)).toEqual(['grind', 'draw', 'cut']);
    expect(withOff(withOff(PLAN, 1), 1)).toEqual(PLAN);
    expect(withOff(PLAN, 1).steps[1]?.off).toBe(true);
  });

  it('moves and loses steps by their place', () => {
    expect(keys(withStepMoved(PLAN, 0, 1))).toBe('ba');
    expect(withStepMoved(PLAN, 0, -1)).toBe(PLAN);
    expect(keys(withoutStep(PLAN, 0))).toBe('b');
  });
});

/** What a step of the history led to; it must have led somewhere. */
const must = <T>(history: T | null): T => {
  if (history === null) throw new Error('It was refused.');
  return history;
};

describe('undo', () => {
  it('goes back and forth at least 100 changes', () => {
    let h = begin(0);
    for (let n = 1; n <= 150; n++) h = commit(h, n);
    for (let n = 0; n < 120; n++) h = must(undo(h));
    expect(h.present).toBe(30);
    for (let n = 0; n < 20; n++) h = must(redo(h));
    expect(h.present).toBe(50);
  });

  it('loses what was undone when something new is done', () => {
    const h = commit(must(undo(commit(commit(begin('a'), 'b'), 'c'))), 'd');
    expect(redo(h)).toBe(h);
    expect(must(undo(h)).present).toBe('b');
  });

  it('stays where there is nothing', () => {
    const h = begin('a');
    expect(undo(h)).toBe(h);
    expect(redo(h)).toBe(h);
  });

  it('takes back one’s own edit and leaves what another window did since', () => {
    const mine = commit(
      begin(PLAN),
      withChange(PLAN, 1, () => ({ pieces: 5 })),
    );
    const theirs = withChange(mine.present, 0, () => ({ heats: 7 }));
    const undone = must(undo({ ...mine, present: theirs }));
    expect(undone.present).toEqual(withChange(PLAN, 0, () => ({ heats: 7 })));
    expect(must(redo(undone)).present).toEqual(theirs);
  });

  it('takes back a step that was put in while another was changed', () => {
    const grind = { kind: 'grind', bottomMm: 1, topMm: 1 } as const;
    const mine = commit(begin(PLAN), withStepBefore(PLAN, 0, grind));
    const theirs = {
      ...withChange(mine.present, 2, () => ({ pieces: 6 })),
      stack: { ...PLAN.stack, widthMm: 50 },
    };
    const undone = must(undo({ ...mine, present: theirs })).present;
    expect(undone.steps.map((s) => s.key)).toEqual(['a', 'b']);
    expect(undone.stack.widthMm).toBe(50);
    expect(undone.steps[1]?.operation).toMatchObject({ pieces: 6 });
  });

  it('refuses where the same place was changed since', () => {
    const mine = commit(
      begin(PLAN),
      withChange(PLAN, 1, () => ({ pieces: 5 })),
    );
    expect(undo({ ...mine, present: withChange(PLAN, 1, () => ({ pieces: 8 })) })).toBeNull();
    const added = commit(begin(PLAN), withCopy(PLAN, 0));
    const changed = withChange(added.present, 1, () => ({ heats: 9 }));
    expect(undo({ ...added, present: changed })).toBeNull();
    const moved = withStepMoved(added.present, 0, 1);
    expect(undo({ ...added, present: moved })).toBeNull();
  });

  it('knows its edit again when it was stored in other words', () => {
    const sent = commit(begin({ a: 1, b: 1 }), { b: 1, a: 2 });
    const kept = stored(sent, { a: 2, b: 1 });
    expect(must(undo({ ...kept, present: { a: 2, b: 3 } })).present).toEqual({ a: 1, b: 3 });
  });
});

const UNKNOWN = {
  floorC: null,
  ceilingC: null,
  soakMin: null,
  neededSoakMin: null,
  waitedS: null,
  workingS: null,
  heats: null,
  forceKn: null,
  reduction: null,
  joints: 0,
  later: false,
  mapChance: null,
};

describe('the Book', () => {
  const weld = (over: Partial<Weld>): Weld => ({
    id: 1,
    billetId: 1,
    billetName: 'Drawknife',
    stepKey: 's1',
    stepTitle: 'Weld 1, step 1',
    madeAt: '2026-02-09T13:05:00Z',
    temperatureC: 1170,
    protection: 'DRY',
    outcome: 'HELD',
    steels: ['1084', '15N20'],
    note: 'Rang clean.',
    how: UNKNOWN,
    version: 1,
    fireSession: null,
    madeBy: 'Wharf smithy',
    ...over,
  });
  const all = [weld({ id: 1 }), weld({ id: 2, outcome: 'OPEN', note: 'Dark line at the handle end' })];

  it('finds by outcome and by every word', () => {
    const lines = linesOf(all, []);
    const ids = (found: typeof lines) => found.map((l) => l.weld?.id);
    expect(ids(findLines(lines, 'OPEN', ''))).toEqual([2]);
    expect(ids(findLines(lines, 'ALL', 'fuel DARK'))).toEqual([2]);
    expect(findLines(lines, 'HELD', 'dark')).toEqual([]);
    expect(findLines(lines, 'REST', '')).toEqual([]);
  });

  it('stands by day or by billet, newest first', () => {
    const later = weld({ id: 3, billetName: 'Froe', madeAt: '2026-02-10T09:00:00Z' });
    const lines = linesOf([...all, later], []);
    expect(grouped(lines, 'DAY').map((g) => g.lines.length)).toEqual([1, 2]);
    expect(grouped(lines, 'BILLET').map((g) => g.title)).toEqual(['Froe', 'Drawknife']);
  });
});
