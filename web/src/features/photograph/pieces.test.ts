import { describe, expect, it } from 'vitest';
import type { Stage } from '../billet/api';
import type { Piece } from './api';
import { cornersOf, guessed, isBowed, isOutOfSquare, isTapered, laidAlong, meanOf, sizesOf } from './pieces';

const piece = (longMm: number, shortMm: number): Piece => ({
  longMm,
  longErrorMm: 0.3,
  shortMm,
  shortErrorMm: 0.2,
  taperMm: 0,
  bowMm: 0,
  outOfSquareDeg: 0,
  corners: [],
});

const stage = { lengthMm: 200, widthMm: 40, heightMm: 12 } as Stage;

describe('pieces in a photograph', () => {
  it('are taken for the sizes they are nearest to', () => {
    expect(guessed(piece(198, 39), stage)).toEqual({ long: 'lengthMm', short: 'widthMm' });
    expect(guessed(piece(202, 12.4), stage)).toEqual({ long: 'lengthMm', short: 'heightMm' });
    expect(guessed(piece(41, 12), stage)).toEqual({ long: 'widthMm', short: 'heightMm' });
    expect(guessed(piece(41, 12), undefined)).toEqual({ long: 'lengthMm', short: 'widthMm' });
  });

  it('give sizes to a hundredth, and none that is not used', () => {
    expect(sizesOf(piece(198.123, 39.456), { long: 'lengthMm', short: 'widthMm' })).toEqual({
      lengthMm: 198.12,
      widthMm: 39.46,
    });
    expect(sizesOf(piece(198, 39), { long: 'none', short: 'none' })).toEqual({});
  });

  it('are said to be off only beyond what a photograph shows', () => {
    const straight = piece(100, 20);
    expect([isTapered, isBowed, isOutOfSquare].map((is) => is(straight))).toEqual([false, false, false]);
    const off = { ...straight, taperMm: 0.4, bowMm: 0.5, outOfSquareDeg: 1 };
    expect([isTapered, isBowed, isOutOfSquare].map((is) => is(off))).toEqual([true, true, true]);
  });

  it('have their corners from the upper left one round, whichever way they were found', () => {
    const corners = [
      { x: 0.1, y: 0.2 },
      { x: 0.8, y: 0.2 },
      { x: 0.8, y: 0.5 },
      { x: 0.1, y: 0.5 },
    ] as const;
    const [a, b, c, d] = corners;
    for (const found of [corners, [c, d, a, b], [d, c, b, a], [b, a, d, c]]) {
      expect(cornersOf({ ...piece(100, 20), corners: found })).toEqual(corners);
    }
  });

  it('are laid along the bar, however the picture was held', () => {
    const [a, b, c, d] = [
      { x: 0.4, y: 0.1 },
      { x: 0.6, y: 0.1 },
      { x: 0.6, y: 0.9 },
      { x: 0.4, y: 0.9 },
    ] as const;
    const upright = [a, b, c, d];
    const picture = { width: 1000, height: 1000 };
    expect(laidAlong(upright, picture, 5)).toEqual([b, c, d, a]);
    expect(laidAlong(upright, picture, 0.2)).toEqual(upright);
    expect(laidAlong(upright, picture, 1.1)).toEqual(upright);
    // On a picture eight times as wide as high the same corners are those of a long bar.
    expect(laidAlong(upright, { width: 8000, height: 1000 }, 5)).toEqual(upright);
  });

  it('have a mean', () => {
    expect(meanOf([piece(100, 20), piece(104, 22)])).toMatchObject({ longMm: 102, shortMm: 21 });
    expect(meanOf([])).toBeUndefined();
  });
});
