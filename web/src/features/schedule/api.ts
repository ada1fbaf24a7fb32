import { change, readLines } from '../../lib/http';
import type { Piece, Plan } from '../billet/plan';

export type Counted = 'VISIBLE' | 'SHOP';
export type Layout = 'PLAIN' | 'DOUBLED' | 'THICK_OUTSIDES';
export type Limit =
  | 'TALLEST'
  | 'LONGEST'
  | 'HEAVIEST'
  | 'SHORTEST'
  | 'OUTER_LAYER'
  | 'WIDE'
  | 'HIGH'
  | 'COARSE'
  | 'FINEST'
  | 'FORCE'
  | 'LENGTH';

/** What is tried. */
export interface Bounds {
  readonly fewestPieces: number;
  readonly mostPieces: number;
  readonly layouts: readonly Layout[];
  readonly mostRestacks: number;
  readonly fewestCut: number;
  readonly mostCut: number;
  readonly turned: boolean;
  readonly folds: boolean;
}

/** Limits to keep to; see the core's schedule.Within. */
export interface Within {
  readonly tallestMm: number;
  readonly longestMm: number;
  readonly heaviestKg: number;
  readonly shortestMm: number;
  readonly outerLayerMm: number;
  readonly wideMm: number;
  readonly highMm: number;
  readonly coarsePercent: number;
  readonly finestMm: number;
  readonly forceKn: number;
}

export interface Size {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly lengthMm: number;
}

/** What there is to begin with. */
export interface Beginning {
  readonly kind: 'STACKS' | 'SHELF' | 'BAR';
  readonly outside: readonly Piece[] | null;
  readonly inside: readonly Piece[] | null;
  readonly widthMm: number | null;
  readonly plan: Plan | null;
  readonly stage: number | null;
  readonly measured: Size | null;
}

/** A question; null stands for everything, nothing or the shop's own, as the core takes it. */
export interface Asked {
  readonly count: number;
  readonly tolerance: number | null;
  readonly counted: Counted;
  readonly from: Beginning;
  readonly finished: Size;
  readonly bounds: Bounds;
  readonly insert: Piece | null;
  readonly core: readonly Piece[];
  readonly blockMm: number | null;
  readonly within: Within | null;
}

/** A stack, a block of bars, or the finished bar. */
export interface Shape extends Size {
  readonly pieces: number;
  readonly visible: number;
}

/** Minutes by task. */
export interface Work {
  readonly prepareMin: number;
  readonly stackMin: number;
  readonly weldMin: number;
  readonly drawMin: number;
  readonly coolMin: number;
  readonly sawMin: number;
  readonly gasKg: number;
}

export interface Schedule {
  /** Null where the bar is there. */
  readonly start: {
    readonly pieces: number;
    readonly layout: Layout;
    readonly outside: Piece;
    readonly inside: Piece;
  } | null;
  readonly restacks: readonly {
    readonly how: 'CUT' | 'FOLD' | 'CORE';
    readonly pieces: number;
    readonly turned: boolean;
    readonly insert: boolean;
  }[];
}

export interface Way {
  readonly schedule: Schedule;
  readonly words: string;
  readonly why: string;
  readonly visible: number;
  readonly shop: number;
  readonly distance: number;
  readonly startMm: number;
  readonly startKg: number;
  readonly yield: number;
  readonly welds: number;
  readonly faces: number;
  readonly work: Work;
  readonly minutes: number;
  readonly chance: number;
  readonly layerMm: number;
  readonly medianMm: number;
  readonly thinnestMm: number;
  /** Part of the height in sheets much thicker than the layers round them. */
  readonly coarsePercent: number;
  readonly blockMm: number;
  /** Nothing is laid in any joint. */
  readonly plain: boolean;
  /** Its end from below: share of the first steel in equal parts of the height, percent. */
  readonly look: readonly number[];
  readonly tallestMm: number;
  readonly longestMm: number;
  readonly finishedMm: number;
  readonly shapes: readonly Shape[];
}

export interface RuledOut {
  readonly limit: Limit;
  readonly count: number;
  readonly alone: number;
  readonly nearest: number | null;
  readonly words: string;
}

export interface Census {
  readonly reckoned: number;
  readonly reaching: number;
  readonly keeping: number;
  readonly tooThin: number;
  readonly ruledOut: readonly RuledOut[];
}

/** A change of the question that brings a way. */
export interface Relaxation {
  readonly limits: Readonly<Partial<Record<Limit, number>>>;
  readonly tolerance: number | null;
  readonly words: readonly string[];
}

export interface Begun {
  readonly kind: 'begun';
  readonly within: Within;
  readonly blockMm: number;
  readonly chance: { readonly whole: number; readonly joint: number; readonly welds: number };
}

export interface Seen {
  readonly kind: 'seen';
  readonly done: number;
  readonly of: number;
  readonly census: Census;
  readonly ways: readonly Way[] | null;
}

export interface Ended {
  readonly kind: 'ended';
  readonly how: 'FOUND' | 'NOTHING' | 'STOPPED' | 'CANCELLED';
  readonly ways: readonly Way[];
  readonly census: Census;
  readonly relaxations: readonly Relaxation[];
  readonly restacksSeen: number;
}

/** It broke off; the problem as an answer of its own would have it. */
export interface Failed {
  readonly kind: 'failed';
  readonly problem: Readonly<Record<string, unknown>>;
}

type Line = Begun | Seen | Ended | Failed;

export const find = (asked: Asked, signal: AbortSignal, onLine: (line: Line) => void) =>
  readLines('/api/v1/schedules', asked, signal, (line) => onLine(line as Line));

export const planOf = (asked: Asked, way: Way) =>
  change<{ plan: Plan }>('POST', '/api/v1/schedules/plan', {
    asked,
    schedule: way.schedule,
    startMm: way.startMm,
    blockMm: way.blockMm,
  }).then((r) => r.plan);
