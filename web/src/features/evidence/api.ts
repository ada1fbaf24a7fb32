import { queryOptions } from '@tanstack/react-query';
import { get } from '../../lib/http';

export interface Interval {
  readonly low: number;
  readonly high: number;
}

/** Welds counted; the share is of those that are decided. */
export interface Tally {
  readonly held: number;
  readonly open: number;
  readonly suspect: number;
  readonly openShare: number;
  readonly limits: Interval;
  readonly tooFew: boolean;
}

export interface Line {
  readonly level: string;
  readonly tally: Tally;
}

export type FactorName = 'STEELS' | 'SCHOOL' | 'HEAT' | 'SOAK' | 'RESTACK' | 'WAITING' | 'SMITH';

export interface Factor {
  readonly factor: FactorName;
  readonly words: string;
  readonly spread: number;
  readonly lines: readonly Line[];
}

export interface Chance {
  readonly mean: number;
  readonly limits: Interval;
  readonly welds: number;
  readonly tooFew: boolean;
}

export interface Evidence {
  readonly all: Tally;
  readonly factors: readonly Factor[];
  readonly joints: readonly Line[];
  readonly usual: Chance;
  readonly belief: Chance;
  readonly shopSpread: number;
  readonly moves: Readonly<Record<string, number>>;
}

export interface Comparison {
  readonly one: Tally;
  readonly other: Tally;
  readonly difference: number;
  readonly limits: Interval;
  readonly needed: number;
}

export interface Loss {
  readonly loss: 'KERF' | 'SCALE' | 'TRIM' | 'GRIND';
  readonly words: string;
  readonly length: boolean;
  readonly now: number;
  readonly seen: number;
  readonly mean: number;
  readonly spread: number;
  readonly low: number;
  readonly high: number;
  readonly tooFew: boolean;
  readonly differs: boolean;
}

export const evidenceQuery = queryOptions({
  queryKey: ['book', 'evidence'],
  queryFn: () => get<Evidence>('/api/v1/evidence'),
});

export const lossesQuery = queryOptions({
  queryKey: ['losses'],
  queryFn: () => get<Loss[]>('/api/v1/evidence/losses'),
});

export const compareQuery = (factor: FactorName, one: string, other: string) =>
  queryOptions({
    queryKey: ['book', 'compare', factor, one, other],
    queryFn: () =>
      get<Comparison>(
        `/api/v1/evidence/compare?factor=${factor}&one=${encodeURIComponent(one)}&other=${encodeURIComponent(other)}`,
      ),
  });

export const nextQuery = (billetId: number, step: string) =>
  queryOptions({
    queryKey: ['billet', billetId, 'next', step],
    queryFn: () => get<Chance>(`/api/v1/evidence/next?billet=${billetId}&step=${encodeURIComponent(step)}`),
    retry: false,
  });

const LEVELS: Readonly<Record<string, string>> = {
  BORAX: 'borax',
  DRY: 'dry with fuel',
  BOTH: 'fuel, then borax',
  SEALED: 'sealed',
  under: 'under the window',
  cooler: 'cooler half',
  hotter: 'hotter half',
  over: 'over the window',
  short: 'shorter than needed',
  enough: 'enough',
  long: 'half as much again',
  first: 'the first stack',
  later: 'a restack or fold',
  'in time': 'in time',
  'too long': 'out too long',
};

/** A level as a smith says it. */
export const levelWords = (level: string) => LEVELS[level] ?? level;
