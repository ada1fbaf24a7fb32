import type { Piece, Plan } from './plan';

/** Three pieces of two steels, drawn and cut: what tests of plans begin with. */
export const D: Piece = { steel: 'D', thicknessMm: 3 };
export const B: Piece = { steel: 'B', thicknessMm: 1.5 };
export const PLAN: Plan = {
  stack: { pieces: [D, B, D], widthMm: 40, lengthMm: 100 },
  steps: [
    { key: 'a', operation: { kind: 'draw', widthMm: 40, heightMm: 10, heats: 2, tool: 'ROUND' }, off: false },
    { key: 'b', operation: { kind: 'cut', pieces: 4, kerfMm: 1.6, eachMm: 0 }, off: false },
  ],
  parts: [],
  wanted: [],
};
