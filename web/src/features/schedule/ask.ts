import * as texts from 'texts/schedule/ask';
import type { Measure } from '../../ui/MeasureField';
import type { Piece } from '../billet/plan';
import type { Steel } from '../steel/api';
import type { Shelved } from '../stock/api';
import type { Asked, Bounds, Limit, Relaxation, Within } from './api';

/** Questions for the Finder. No React in here. */

const DARK_MM = 3.175;
const BRIGHT_MM = 1.5875;
const BRIGHT_FROM_TONE = 0.5;

export const FULL: Bounds = {
  fewestPieces: 3,
  mostPieces: 60,
  layouts: ['PLAIN', 'THICK_OUTSIDES'],
  mostRestacks: 6,
  fewestCut: 2,
  mostCut: 12,
  turned: true,
  folds: true,
};

/** Where a question begins: 300 layers for a knife's bar, from the usual pair as it is on the shelf. */
export function firstQuestion(steels: readonly Steel[], shelf: readonly Shelved[]): Asked {
  const piece = (steel: string): Piece => {
    const tone = steels.find((s) => s.id === steel)?.etchTone.value ?? 0;
    return {
      steel,
      thicknessMm:
        shelf.find((s) => s.bar.steel === steel)?.bar.thicknessMm ??
        (tone >= BRIGHT_FROM_TONE ? BRIGHT_MM : DARK_MM),
    };
  };
  const inside = piece('15N20');
  return {
    count: 300,
    tolerance: 0.05,
    counted: 'VISIBLE',
    from: {
      kind: 'STACKS',
      outside: [piece('1084')],
      inside: [inside],
      widthMm: 38.1,
      plan: null,
      stage: null,
      measured: null,
    },
    finished: { lengthMm: 304.8, widthMm: 38.1, heightMm: 6.35 },
    bounds: FULL,
    insert: inside,
    core: [],
    blockMm: null,
    within: null,
  };
}

export const FIELD_OF: Record<Exclude<Limit, 'LENGTH'>, keyof Within> = {
  TALLEST: 'tallestMm',
  LONGEST: 'longestMm',
  HEAVIEST: 'heaviestKg',
  SHORTEST: 'shortestMm',
  OUTER_LAYER: 'outerLayerMm',
  WIDE: 'wideMm',
  HIGH: 'highMm',
  COARSE: 'coarsePercent',
  FINEST: 'finestMm',
  FORCE: 'forceKn',
};

export const LIMIT_NAME: Record<Limit, string> = {
  TALLEST: texts.tallestStack,
  LONGEST: texts.longestBar,
  HEAVIEST: texts.weightInHand,
  SHORTEST: texts.shortestPiece,
  OUTER_LAYER: texts.outerLayerLeft,
  WIDE: texts.doorWidth,
  HIGH: texts.doorHeight,
  COARSE: texts.broadSheets,
  FINEST: texts.thinnestLayer,
  FORCE: texts.pressForce,
  LENGTH: texts.finishedLength,
};

/** What a limit is a limit of; broad sheets are stored in percent. */
export const LIMIT_MEASURE: Record<Limit, Measure> = {
  TALLEST: 'length',
  LONGEST: 'length',
  HEAVIEST: 'mass',
  SHORTEST: 'length',
  OUTER_LAYER: 'length',
  WIDE: 'length',
  HIGH: 'length',
  COARSE: 'number',
  FINEST: 'length',
  FORCE: 'force',
  LENGTH: 'length',
};

/** The question with a limit moved; the limits in force are given, since they may be the shop's. */
export function withLimit(asked: Asked, within: Within, limit: Limit, to: number): Asked {
  return limit === 'LENGTH'
    ? { ...asked, finished: { ...asked.finished, lengthMm: to } }
    : { ...asked, within: { ...within, [FIELD_OF[limit]]: to } };
}

/** Where a limit is. */
export const limitAt = (asked: Asked, within: Within, limit: Limit): number =>
  limit === 'LENGTH' ? asked.finished.lengthMm : within[FIELD_OF[limit]];

/** The question with a suggested change made. */
export function relaxed(asked: Asked, within: Within, relaxation: Relaxation): Asked {
  const moved = Object.entries(relaxation.limits).reduce(
    (q, [limit, to]) => withLimit(q, q.within ?? within, limit as Limit, to),
    asked,
  );
  return relaxation.tolerance === null ? moved : { ...moved, tolerance: relaxation.tolerance };
}
