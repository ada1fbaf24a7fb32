import { expect, it } from 'vitest';
import { jointGap } from './jointGaps';

const at = { length: 80, middle: 20, pitch: 10 };
const heights = (path: string) => [...path.matchAll(/[ML]\S+ (\d+(?:\.\d+)?)/g)].map((m) => Number(m[1]));

it('is a hairline where everything bonds and opens where it does not', () => {
  const sure = heights(jointGap([1, 1], at));
  expect(Math.max(...sure) - Math.min(...sure)).toBeCloseTo(0.5, 6);
  const open = heights(jointGap([1, 0], at));
  expect(Math.max(...open) - Math.min(...open)).toBeCloseTo(6.7, 6);
});

it('runs from end to end and closes', () => {
  const path = jointGap([1, 0.5, 1, 0], at);
  expect(path).toMatch(/^M0 .*L80 .*L80 .*L0 .*Z$/);
  expect(path.match(/L/g)).toHaveLength(11);
});
