import { describe, expect, it } from 'vitest';
import { at, back, spanOf, ticks } from './scatter';

describe('scales of a plot', () => {
  it('leave room at both ends, and half a step for whole numbers', () => {
    expect(spanOf([3, 4, 7])).toEqual({ from: 2.5, to: 7.5 });
    const masses = spanOf([1.1, 2.1]);
    expect(masses.from).toBeCloseTo(1.04);
    expect(masses.to).toBeCloseTo(2.16);
    expect(spanOf([])).toEqual({ from: 0, to: 1 });
  });

  it('lead back to the figure they came from', () => {
    const span = spanOf([1.1, 2.1]);
    expect(back(at(1.7, span, 440), span, 440)).toBeCloseTo(1.7);
    expect(at(span.from, span, 440)).toBe(0);
  });

  it('are written at round figures', () => {
    expect(ticks({ from: 1.04, to: 2.16 }, 5)).toEqual([1.5, 2]);
    expect(ticks({ from: 2.5, to: 7.5 }, 5)).toEqual([3, 4, 5, 6, 7]);
    expect(ticks({ from: 0.93, to: 2.2 }, 6)).toEqual([1, 1.5, 2]);
  });
});
