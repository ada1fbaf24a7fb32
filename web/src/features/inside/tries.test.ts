import { expect, it } from 'vitest';
import type { Plan } from '../billet/plan';
import { triesOf, withTried } from './tries';

const plan = {
  steps: [
    { key: 'a', off: false, operation: { kind: 'twist', turns: 8 } },
    { key: 'b', off: true, operation: { kind: 'resquare', angleDeg: 45 } },
    { key: 'c', off: false, operation: { kind: 'ladder', pitchMm: 12, widthMm: 8, depthMm: 2 } },
    { key: 'd', off: false, operation: { kind: 'cut', pieces: 3 } },
  ],
} as unknown as Plan;

it('offers what makes the pattern up to the stage, and what is left out not', () => {
  expect(triesOf(plan, plan, 4).map((t) => t.label)).toEqual(['Turns', 'Groove pitch', 'Groove depth']);
  expect(triesOf(plan, plan, 1).map((t) => t.label)).toEqual(['Turns']);
});

it('keeps its range while the figure moves', () => {
  const [turns] = triesOf(plan, plan, 4);
  if (!turns) throw new Error('no turns');
  const tried = withTried(plan, turns, 19);
  expect(triesOf(plan, tried, 4)[0]).toEqual({ ...turns, value: 19 });
  expect(triesOf(plan, tried, 4)[0]?.most).toBe(20);
});
