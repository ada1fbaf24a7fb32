import { describe, expect, it } from 'vitest';
import type { Weld } from '../book/api';
import { findLines, grouped, linesOf } from '../book/lines';
import { begin, commit, redo, undo } from './history';
import { freeName, planAt, withoutPart, withPart, withPartRenamed, withPlanAt } from './parts';
import {
  patternOf,
  repeated,
  withChange,
  withCopy,
  withOff,
  withoutStep,
  withStepBefore,
  withStepMoved,
  type Part,
  type Piece,
  type Plan,
} from './plan';

const D: Piece = { steel: 'D', thicknessMm: 3 };
const B: Piece = { steel: 'B', thicknessMm: 1.5 };
const PLAN: Plan = {
  stack: { pieces: [D, B, D], widthMm: 40, lengthMm: 100 },
  steps: [
    { key: 'a', operation: { kind: 'draw', widthMm: 40, heightMm: 10, heats: 2, tool: 'ROUND' }, off: false },
    { key: 'b', operation: { kind: 'cut', pieces: 4, kerfMm: 1.6, eachMm: 0 }, off: false },
  ],
  parts: [],
  wanted: [],
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
    school: 'DRY',
    outcome: 'HELD',
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

describe('parts', () => {
  const part = (name: string): Part => ({
    name,
    plan: PLAN,
    origin: { billetId: 3, billet: 'Other', stepKey: 's1' },
  });
  const LAID: Plan = {
    ...withPart(PLAN, part('edge')),
    steps: [
      {
        key: 'u',
        off: false,
        operation: {
          kind: 'layup',
          turns: ['SAME'],
          left: [{ part: 'edge', turn: 'SAME', shims: [] }],
          right: [D],
          shims: [],
          faceGrindMm: 0,
        },
      },
    ],
  };

  it('are found and edited by their path, and are then no bar that was picked', () => {
    const nested = withPlanAt(LAID, 'edge', (p) => withPart(p, part('core')));
    expect(planAt(nested, 'edge/core')).toBe(PLAN);
    expect(planAt(nested, 'edge/none')).toBeUndefined();
    const cut = withPlanAt(nested, 'edge/core', (p) => withoutStep(p, 0));
    expect(planAt(cut, 'edge/core')?.steps).toHaveLength(1);
    expect(cut.parts[0]?.origin).toBeNull();
    expect(planAt(cut, '')?.steps).toBe(LAID.steps);
  });

  it('keep their places under another name, and leave none behind', () => {
    const renamed = withPartRenamed(LAID, 'edge', 'blade');
    expect(renamed.parts.map((p) => p.name)).toEqual(['blade']);
    expect(JSON.stringify(renamed.steps)).toContain('"part":"blade"');
    const gone = withoutPart(LAID, 'edge');
    expect(gone.parts).toEqual([]);
    expect(JSON.stringify(gone.steps)).toContain('"left":[],"right":[{"steel":"D"');
    expect(freeName(LAID, 'edge')).toBe('edge2');
    expect(freeName(LAID, 'core')).toBe('core');
  });
});
