import { describe, expect, it } from 'vitest';
import { nested, nestedHeight, nestedScale, TAPER } from './nested';

const STACK = { pieces: 13, heightMm: 30, widthMm: 40 };
const BLOCK = { pieces: 5, heightMm: 24, widthMm: 40 };
const BAR = { pieces: 1, heightMm: 7, widthMm: 39 };

describe('a schedule to scale', () => {
  it('stands on one line, every block as high and wide as it is', () => {
    const { blocks, width } = nested([STACK, BLOCK, BAR], 2, 60);
    expect(blocks.map((b) => [b.width, b.height])).toEqual([
      [80, 60],
      [80, 48],
      [78, 14],
    ]);
    expect(blocks.map((b) => b.y + b.height)).toEqual([60, 60, 60]);
    expect(width).toBe(80 + 80 + 78 + 2 * TAPER);
  });

  it('tapers each block into the one bar it becomes', () => {
    const { tapers, blocks } = nested([STACK, BLOCK, BAR], 2, 60);
    expect(tapers.map((t) => t.times)).toEqual([5, 1]);
    const [first] = tapers;
    // One of five bars of a block 48 px high.
    expect(first?.points[1]?.[1]).toBeCloseTo(60 - 48 / 5);
    expect(first?.points[0]).toEqual([80, blocks[0]?.y]);
  });

  it('has a joint between every two pieces', () => {
    const { blocks } = nested([STACK, BLOCK, BAR], 2, 60);
    expect(blocks.map((b) => b.joints.length)).toEqual([12, 4, 0]);
  });

  it('is as large as the longest row allows', () => {
    expect(nestedScale([[STACK, BAR]], 40 + 39 + TAPER, 5)).toBeCloseTo(1);
    expect(nestedScale([[STACK, BAR]], 4000, 1.2)).toBe(1.2);
    expect(nestedScale([], 100, 1)).toBe(1);
    expect(nestedHeight([STACK, BAR], 2)).toBe(60);
  });
});
