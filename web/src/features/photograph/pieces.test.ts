import { describe, expect, it } from 'vitest';
import type { Stage } from '../billet/api';
import type { Piece } from './api';
import { guessed, meanOf, sizesOf } from './pieces';

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

  it('have a mean', () => {
    expect(meanOf([piece(100, 20), piece(104, 22)])).toMatchObject({ longMm: 102, shortMm: 21 });
    expect(meanOf([])).toBeUndefined();
  });
});
