import * as texts from 'texts/pair/api';
import type { Schemas, Sent } from '../../lib/api';
import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../lib/http';
import type { AtmosphereProtection } from '../billet/plan';

export type Role = 'MIXED' | 'EDGE' | 'CLADDING' | 'SHEET';
export type Weight = 'STOP' | 'CONDITION' | 'NOTE';
export type Grade = 'EXCELLENT' | 'VERY_GOOD' | 'GOOD' | 'SKILLED' | 'POOR' | 'STOP';

export type Member = Sent['CompatibilityMemberBody'] & { readonly role: Role };

export type Question = Omit<Sent['CompatibilityQuestionBody'], 'members'> & {
  readonly members: readonly Member[];
  readonly temperC: number;
};

export type Reason = Schemas['CompatibilityReasonView'];

export type Verdict = Schemas['CompatibilityVerdictView'];

/** Two steels of the map. */
export type Cell = Schemas['CompatibilityCell'];

export const verdictQuery = (question: Question) =>
  queryOptions({
    queryKey: ['pair', question],
    queryFn: () => answered(api.POST('/api/v1/pairs', { body: question })),
    enabled: question.members.length >= 2,
    placeholderData: (before) => before,
    staleTime: Infinity,
  });

export const mapQuery = (steels: readonly string[], process: AtmosphereProtection) =>
  queryOptions({
    queryKey: ['pair-map', steels, process],
    queryFn: () => answered(api.POST('/api/v1/pairs/map', { body: { steels, process } })),
    enabled: steels.length >= 2,
    placeholderData: (before) => before,
    staleTime: Infinity,
  });

export const ROLE_WORDS: Record<Role, string> = {
  MIXED: texts.inThePattern,
  EDGE: texts.coreTheEdge,
  CLADDING: texts.sides,
  SHEET: texts.sheetBetween,
};
