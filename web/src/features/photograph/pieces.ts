import type { Stage } from '../billet/api';
import type { Measured } from '../billet/plan';
import type { Piece, Place } from './api';

/** Pieces measured in a photograph, as sizes of the plan's bars. No React in here. */

export type Side = 'lengthMm' | 'widthMm' | 'heightMm' | 'none';

/** Which size of the bar each side of the piece is. */
export interface Sides {
  readonly long: Side;
  readonly short: Side;
}

const SIZES = ['lengthMm', 'widthMm', 'heightMm'] as const;

/** The sizes that a piece's sides are nearest to, each taken once. */
export function guessed(piece: Piece | undefined, stage: Stage | undefined): Sides {
  const usual: Sides = { long: 'lengthMm', short: 'widthMm' };
  if (!piece || !stage) return usual;
  let least = Infinity;
  let best = usual;
  for (const long of SIZES) {
    for (const short of SIZES) {
      if (long === short || stage[long] < stage[short]) continue;
      const off =
        Math.abs(Math.log(piece.longMm / stage[long])) + Math.abs(Math.log(piece.shortMm / stage[short]));
      if (off < least) {
        least = off;
        best = { long, short };
      }
    }
  }
  return best;
}

/** One piece with the mean sides of several. */
export function meanOf(pieces: readonly Piece[]): Piece | undefined {
  const [first] = pieces;
  const mean = (of: 'longMm' | 'shortMm') => pieces.reduce((sum, p) => sum + p[of], 0) / pieces.length;
  return first && { ...first, longMm: mean('longMm'), shortMm: mean('shortMm') };
}

/** To a hundredth of a millimetre: no photograph says more. */
const rounded = (mm: number) => Math.round(mm * 100) / 100;

/** The sizes that are taken from a piece. */
export function sizesOf(piece: Piece, { long, short }: Sides): Measured {
  return {
    ...(short === 'none' ? {} : { [short]: rounded(piece.shortMm) }),
    ...(long === 'none' ? {} : { [long]: rounded(piece.longMm) }),
  };
}

/** Less than that no photograph says, or no smith minds. */
const LEAST_BOW_MM = 0.3;
const LEAST_OUT_OF_SQUARE_DEG = 0.5;

export const isTapered = (piece: Piece) => piece.taperMm > 1.5 * piece.shortErrorMm;
export const isBowed = (piece: Piece) => piece.bowMm > LEAST_BOW_MM;
export const isOutOfSquare = (piece: Piece) => piece.outOfSquareDeg > LEAST_OUT_OF_SQUARE_DEG;

const area = (corners: readonly Place[]) =>
  corners.reduce((sum, at, i) => {
    const next = corners[(i + 1) % corners.length] ?? at;
    return sum + at.x * next.y - next.x * at.y;
  }, 0);

/** Corners from the upper left one round to the lower left, the piece's long sides above and below. */
export function cornersOf(piece: Piece): readonly Place[] {
  const [a, b, c, d] = piece.corners;
  if (!a || !b || !c || !d) return piece.corners;
  const [p, q, r, s] = area(piece.corners) > 0 ? [a, b, c, d] : [d, c, b, a];
  // Half a turn leaves the long sides where they are; which end is to the left is as it is held.
  return p.x + p.y <= r.x + r.y ? [p, q, r, s] : [r, s, p, q];
}

/** Faces nearer to a square than that are as they are held. */
const LEAST_LONGER = 1.15;

/**
 * Corners of a face, with its upper left one first, for a picture that is held upright or across.
 *
 * @param aspect how many times as long as high the face is by the plan
 */
export function laidAlong(
  corners: readonly Place[],
  { width, height }: { readonly width: number; readonly height: number },
  aspect: number,
): readonly Place[] {
  const [a, b, c, d] = corners;
  if (!a || !b || !c || !d) return corners;
  const px = (from: Place, to: Place) => Math.hypot((to.x - from.x) * width, (to.y - from.y) * height);
  const seen = (px(a, b) + px(d, c)) / (px(b, c) + px(a, d));
  const isAcross = aspect > LEAST_LONGER ? seen < 1 : aspect < 1 / LEAST_LONGER && seen > 1;
  return isAcross ? [b, c, d, a] : corners;
}
