import { describe, expect, it } from 'vitest';
import { atCelsius, atSecond, linePath, minuteTicks, spaced, span, type Frame } from './trace';

const frame: Frame = {
  left: 50,
  top: 10,
  width: 600,
  height: 300,
  fromS: 0,
  toS: 600,
  fromC: 400,
  toC: 1400,
};

describe('a trace', () => {
  it('lies where its seconds and degrees are', () => {
    expect(atSecond(frame, 300)).toBe(350);
    expect(atCelsius(frame, 900)).toBe(160);
    expect(atCelsius(frame, 20)).toBe(310);
  });

  it('breaks where nothing was read', () => {
    const path = linePath(
      frame,
      [0, 1, 2, 20, 21].map((second) => ({ second, celsius: 900 })),
      5,
    );
    expect(path.match(/M/g)).toHaveLength(2);
    expect(linePath(frame, [{ second: 700, celsius: 900 }])).toBe('');
  });

  it('shows ten minutes at least, and a third more than is past', () => {
    expect(span(0, 10)).toEqual({ fromS: 0, toS: 600 });
    expect(span(100, 1300).toS).toBe(100 + 1200 * 1.35);
  });

  it('has ticks at round minutes, seven at most', () => {
    expect(minuteTicks(0, 600)).toEqual([0, 120, 240, 360, 480, 600]);
    for (const to of [60, 700, 4000, 30_000]) expect(minuteTicks(0, to).length).toBeLessThan(9);
  });

  it('keeps labels apart, the later ones first', () => {
    expect(spaced([{ x: 0 }, { x: 10 }, { x: 60 }], 30)).toEqual([{ x: 10 }, { x: 60 }]);
  });
});
