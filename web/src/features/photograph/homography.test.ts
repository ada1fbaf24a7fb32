import { describe, expect, it } from 'vitest';
import { fromSquare, inverse, mapped, transform } from './homography';

const CORNERS = [
  { x: 0.2, y: 0.3 },
  { x: 0.9, y: 0.2 },
  { x: 0.8, y: 0.7 },
  { x: 0.1, y: 0.6 },
] as const;

describe('a face seen aslant', () => {
  it('has its corners where they are seen', () => {
    const seen = fromSquare(CORNERS);
    const square = [
      { x: 0, y: 0 },
      { x: 1, y: 0 },
      { x: 1, y: 1 },
      { x: 0, y: 1 },
    ];
    square.forEach((at, i) => {
      expect(mapped(seen, at).x).toBeCloseTo(CORNERS[i]?.x ?? 0);
      expect(mapped(seen, at).y).toBeCloseTo(CORNERS[i]?.y ?? 0);
    });
  });

  it('is found back', () => {
    const seen = fromSquare(CORNERS);
    const back = mapped(inverse(seen), mapped(seen, { x: 0.3, y: 0.8 }));
    expect(back.x).toBeCloseTo(0.3);
    expect(back.y).toBeCloseTo(0.8);
  });

  it('of the whole picture is only made larger', () => {
    const whole = [
      { x: 0, y: 0 },
      { x: 1, y: 0 },
      { x: 1, y: 1 },
      { x: 0, y: 1 },
    ] as const;
    const numbers = transform(whole, { width: 100, height: 50 }, { width: 300, height: 150 })
      .slice(9, -1)
      .split(',')
      .map(Number);
    expect(numbers).toEqual(
      [3, 0, 0, 0, 0, 3, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1].map((n) => expect.closeTo(n) as number),
    );
  });
});
