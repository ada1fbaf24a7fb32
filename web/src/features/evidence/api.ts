import * as texts from 'texts/evidence/api';
import type { Schemas } from '../../lib/api';
import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../lib/http';

export type Interval = Schemas['EvidenceInterval'];

/** Welds counted; the share is of those that are decided. */
export type Tally = Schemas['EvidenceTallyView'];

export type Line = Schemas['EvidenceLineView'];

export type FactorName = 'STEELS' | 'PROTECTION' | 'HEAT' | 'SOAK' | 'RESTACK' | 'WAITING' | 'SMITH';

export type Factor = Schemas['EvidenceFactorView'];

export type Chance = Schemas['EvidenceChanceView'];

export type Evidence = Schemas['EvidenceView'];

export type Comparison = Schemas['EvidenceComparisonView'];

export type Loss = Schemas['EvidenceMeasuredLossView'];

export const evidenceQuery = queryOptions({
  queryKey: ['book', 'evidence'],
  queryFn: () => answered(api.GET('/api/v1/evidence')),
});

export const lossesQuery = queryOptions({
  queryKey: ['losses'],
  queryFn: () => answered(api.GET('/api/v1/evidence/losses')),
});

export const compareQuery = (factor: FactorName, one: string, other: string) =>
  queryOptions({
    queryKey: ['book', 'compare', factor, one, other],
    queryFn: () =>
      answered(api.GET('/api/v1/evidence/compare', { params: { query: { factor, one, other } } })),
  });

export const nextQuery = (billetId: number, step: string) =>
  queryOptions({
    queryKey: ['billet', billetId, 'next', step],
    queryFn: () =>
      answered(api.GET('/api/v1/evidence/next', { params: { query: { billet: billetId, step } } })),
    retry: false,
  });

const LEVELS: Readonly<Record<string, string>> = {
  BORAX: texts.flux,
  DRY: texts.fuelSoak,
  BOTH: texts.fluxOverFuel,
  SEALED: texts.sealed,
  under: texts.belowTheWeldingWindow,
  cooler: texts.coolerHalf,
  hotter: texts.hotterHalf,
  over: texts.aboveTheWeldingWindow,
  short: texts.shorterThanNeeded,
  enough: texts.enough,
  long: texts.over15TimesAsLong,
  first: texts.theFirstStack,
  later: texts.aRestackOrFold,
  'in time': texts.inTime,
  'too long': texts.outTooLong,
};

/** A level as a smith says it. */
export const levelWords = (level: string) => LEVELS[level] ?? level;
