import { expect, it } from 'vitest';
import { scaleBar } from './scaleBar';

it('is a round length of about a hundred pixels at any scale', () => {
  for (const pxPerMm of [0.2, 1, 3.7, 20, 150]) {
    for (const metric of [true, false]) {
      const { mm, px } = scaleBar(pxPerMm, metric);
      expect(px).toBeCloseTo(mm * pxPerMm);
      expect(px).toBeGreaterThan(60);
      expect(px).toBeLessThan(190);
    }
  }
  expect(scaleBar(1, true).mm).toBe(100);
  expect(scaleBar(4, false).mm).toBeCloseTo(25.4);
});
