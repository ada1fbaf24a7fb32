import { describe, expect, it } from 'vitest';
import { stripRange, stripWidth, tapped, typed, usualWidth, type Reading } from './layers';

const reading: Reading = {
  line: { x1: 0.1, y1: 0.5, x2: 0.9, y2: 0.5 },
  boundaries: [0, 0.25, 0.5, 0.75, 1],
  count: 4,
  low: 3,
  high: 5,
};

describe('layers edited by hand', () => {
  it('a tap on a boundary takes it away', () => {
    const without = tapped(reading, 0.52);
    expect(without.boundaries).toEqual([0, 0.25, 0.75, 1]);
    expect([without.low, without.count, without.high]).toEqual([3, 3, 3]);
  });

  it('a tap inside a layer parts it, in order', () => {
    const parted = tapped(reading, 0.375);
    expect(parted.boundaries).toEqual([0, 0.25, 0.375, 0.5, 0.75, 1]);
    expect(parted.count).toBe(5);
  });

  it('a typed count has no marks unless they say the same', () => {
    expect(typed(reading, 7)).toEqual({ line: null, boundaries: [], count: 7, low: 7, high: 7 });
    expect(typed(reading, 4).boundaries).toHaveLength(5);
  });

  it('a strip is as wide as thumbs are, and shows the layers at its ends whole', () => {
    expect(usualWidth([0, 0.1, 0.2, 0.7])).toBeCloseTo(0.1);
    expect(usualWidth([])).toBe(0);
    expect(stripWidth(reading.boundaries, 350)).toBe(350);
    expect(
      stripWidth(
        Array.from({ length: 62 }, (_, i) => i / 61),
        350,
      ),
    ).toBe(1830);
    const [from, to] = stripRange([-0.1, 0.5, 1.1]);
    expect(from).toBeLessThan(-0.1);
    expect(to).toBeGreaterThan(1.1);
  });
});
