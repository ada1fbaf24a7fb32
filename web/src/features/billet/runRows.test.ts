import { describe, expect, it } from 'vitest';
import type { Run, Stage } from './api';
import type { Plan } from './plan';
import { allRows, describe as words, rowsOf, stageOfStep } from './runRows';

const stage = (more: Partial<Stage> = {}): Stage =>
  ({
    off: false,
    count: 1,
    lengthMm: 150,
    widthMm: 40,
    heightMm: 20,
    visibleCount: 13,
    shopCount: 13,
    aside: null,
    planned: null,
    ...more,
  }) as Stage;

const step = (operation: unknown) => ({ key: 'a', off: false, operation });
const plan = (operations: readonly unknown[], parts: Plan['parts'] = []) =>
  ({ steps: operations.map(step), parts }) as unknown as Plan;
const run = (stages: readonly Stage[], parts: Run['parts'] = {}) => ({ stages, parts }) as unknown as Run;

const CUT = { kind: 'cut', pieces: 4, kerfMm: 1.6, eachMm: 0 };
const TRIM = { kind: 'trim', frontMm: 5, backMm: 7, sidesMm: 0 };
const GRIND = { kind: 'grind', bottomMm: 0.2, topMm: 0.3 };

describe('rows of a Run', () => {
  it('have the kerf of the last cut between bars, as long as there are several', () => {
    const rows = rowsOf(
      run([stage(), stage({ count: 4 }), stage({ count: 4 }), stage()]),
      plan([CUT, GRIND, { kind: 'restack' }]),
    );
    expect(rows.map((r) => r.kerfMm)).toEqual([0, 1.6, 1.6, 0]);
  });

  it('show what each step took, and only that', () => {
    const rows = rowsOf(run([stage(), stage(), stage()]), plan([TRIM, GRIND]));
    expect(rows.map((r) => [r.frontMm, r.backMm, r.bottomMm, r.topMm])).toEqual([
      [0, 0, 0, 0],
      [5, 7, 0, 0],
      [0, 0, 0.2, 0.3],
    ]);
  });

  it('show nothing of a step that is off, its kerf neither', () => {
    const rows = rowsOf(
      run([stage({ count: 2 }), stage({ off: true, count: 2 }), stage({ off: true, count: 2 })]),
      plan([CUT, TRIM]),
    );
    expect(rows.map((r) => r.kerfMm)).toEqual([0, 0, 0]);
    expect(rows[2]).toMatchObject({ frontMm: 0, backMm: 0 });
  });

  it('show bars set aside, and what was reckoned where they were measured', () => {
    const [first] = rowsOf(
      run([
        stage({
          aside: { count: 2, lengthMm: 60 } as Stage['aside'],
          planned: { lengthMm: 155, heightMm: 21 } as Stage['planned'],
        }),
      ]),
      plan([]),
    );
    expect(first).toMatchObject({
      asideCount: 2,
      asideLengthMm: 60,
      plannedLengthMm: 155,
      plannedHeightMm: 21,
    });
  });

  it('of all parts share one scale, also of parts in parts', () => {
    const inner = plan([]);
    const whole = plan(
      [],
      [{ name: 'core', plan: plan([], [{ name: 'edge', plan: inner, origin: null }]), origin: null }],
    );
    const runs = run([stage()], {
      core: run([stage({ lengthMm: 100 })], { edge: run([stage({ lengthMm: 50 })]) }),
    });
    expect(allRows(runs, whole).map((r) => r.lengthMm)).toEqual([150, 100, 50]);
    expect(allRows(run([stage()]), whole)).toHaveLength(1);
  });

  it('begin with the stack', () => {
    expect(stageOfStep(0)).toBe(1);
  });
});

describe('what is said of a stage', () => {
  const mm = (value: number) => `${value} mm`;

  it('is its size and its layers', () => {
    expect(words(stage({ shopCount: 16 }), mm)).toBe(
      'one bar 40 mm wide, 20 mm high, 150 mm long, 13 visible layers, nominal 16',
    );
    expect(words(stage({ count: 4 }), mm)).toMatch(/^4 bars, each 40 mm wide/);
  });
});
