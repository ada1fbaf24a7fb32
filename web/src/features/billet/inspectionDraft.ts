import * as texts from 'texts/billet/inspectionDraft';
import { onStep, rulerStepMm, type Units, systemOf } from '../../units';
import type { Flaw, FlawKind, Spot } from '../book/api';

/** A flaw being pointed at, before it is written down. No React in here. */

export type Side = 'LEFT' | 'RIGHT' | 'THROUGH' | 'TOP' | 'UNDER';

export const SIDE_WORDS: Record<Side, string> = {
  LEFT: texts.leftEdge,
  RIGHT: texts.rightEdge,
  THROUGH: texts.rightThrough,
  TOP: texts.topFace,
  UNDER: texts.underside,
};

export interface FlawDraft {
  readonly id: string;
  readonly kind: FlawKind;
  readonly state: 'OPEN' | 'SUSPECT';
  readonly bar: number;
  readonly fromXMm: number;
  readonly toXMm: number;
  readonly side: Side;
  /** How far in from the edge or face. */
  readonly depthMm: number;
  /** From 1 at the underside; null where it is in no joint. */
  readonly joint: number | null;
}

export interface BarSize {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** A place as a ruler has it: whole millimetres, or 32nds of an inch. */
export const onRuler = (mm: number, units: Units) =>
  onStep(mm, systemOf(units, 'length') === 'METRIC' ? 1 : rulerStepMm(units));

const clamp = (value: number, most: number) => Math.min(Math.max(0, value), most);

/** The box the draft means. */
export function spotOf(draft: FlawDraft, bar: BarSize, seams: readonly number[]): Spot {
  const deep = Math.max(0, draft.depthMm);
  const across =
    draft.side === 'LEFT'
      ? [0, clamp(deep, bar.widthMm)]
      : draft.side === 'RIGHT'
        ? [clamp(bar.widthMm - deep, bar.widthMm), bar.widthMm]
        : [0, bar.widthMm];
  const seam = draft.joint === null ? undefined : seams[draft.joint - 1];
  const up =
    seam !== undefined
      ? [seam, seam]
      : draft.side === 'TOP'
        ? [clamp(bar.heightMm - deep, bar.heightMm), bar.heightMm]
        : draft.side === 'UNDER'
          ? [0, clamp(deep, bar.heightMm)]
          : [0, bar.heightMm];
  const from = clamp(Math.min(draft.fromXMm, draft.toXMm), bar.lengthMm);
  const to = clamp(Math.max(draft.fromXMm, draft.toXMm), bar.lengthMm);
  return {
    bar: draft.bar,
    fromXMm: from,
    toXMm: to,
    fromYMm: across[0] ?? 0,
    toYMm: across[1] ?? 0,
    fromZMm: up[0] ?? 0,
    toZMm: up[1] ?? 0,
  };
}

/** The joint nearest to a height, from 1; null where there is none. */
export function nearestJoint(zMm: number, seams: readonly number[]): number | null {
  let best: number | null = null;
  let least = Infinity;
  seams.forEach((seam, i) => {
    const off = Math.abs(seam - zMm);
    if (off < least) {
      least = off;
      best = i + 1;
    }
  });
  return best;
}

/** The flaw as it is written into the Book. */
export const flawOf = (draft: FlawDraft, bar: BarSize, seams: readonly number[]): Flaw => ({
  id: draft.id,
  kind: draft.kind,
  state: draft.state,
  joint: draft.joint,
  spot: spotOf(draft, bar, seams),
  note: '',
});
