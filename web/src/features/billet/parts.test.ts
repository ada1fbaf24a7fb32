import { describe, expect, it } from 'vitest';
import { B, D, PLAN } from './examplePlan';
import type { Run } from './api';
import { freeName, inside, planAt, runAt, withoutPart, withPart, withPartRenamed, withPlanAt } from './parts';
import { withoutStep } from './planEdits';
import type { Part, Plan } from './plan';
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
    expect(inside(inside('', 'edge'), 'core')).toBe('edge/core');
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
    expect(freeName(withPart(LAID, part('edge2')), 'edge')).toBe('edge3');
  });

  it('have Runs of their own', () => {
    const edge = { parts: {} } as unknown as Run;
    const run = { parts: { core: { parts: { edge } } } } as unknown as Run;
    expect(runAt(run, 'core/edge')).toBe(edge);
    expect(runAt(run, '')).toBe(run);
  });

  it('that were picked stay those bars while the billet itself is edited', () => {
    expect(withPlanAt(LAID, '', (p) => ({ ...p })).parts[0]?.origin).not.toBeNull();
  });

  it('are renamed and taken out of every kind of step, and what lies beside them stays', () => {
    const bar = (name: string) => ({ part: name, turn: 'SAME' as const, shims: [] });
    const both: Plan = {
      ...withPart(LAID, part('side')),
      steps: [
        {
          key: 'r',
          off: false,
          operation: { kind: 'restack', turns: ['SAME'], between: [B, bar('edge')], faceGrindMm: 0 },
        },
        {
          key: 's',
          off: false,
          operation: { kind: 'sandwich', below: [bar('side')], above: [bar('edge')], faceGrindMm: 0 },
        },
      ],
    };
    const text = JSON.stringify(withPartRenamed(both, 'edge', 'spine').steps);
    expect(text.match(/"part":"spine"/g)).toHaveLength(2);
    expect(text.match(/"part":"side"/g)).toHaveLength(1);
    const { parts, steps } = withoutPart(both, 'edge');
    expect(parts.map((p) => p.name)).toEqual(['side']);
    expect(steps[0]?.operation).toMatchObject({ between: [B] });
    expect(steps[1]?.operation).toMatchObject({ below: [{ part: 'side' }], above: [] });
  });
});
