import { queryOptions } from '@tanstack/react-query';
import { get } from '../../lib/http';
import type { Plan } from './plan';

/** A pattern with a name. */
export interface NamedPattern {
  readonly id: string;
  readonly name: string;
  readonly about: string;
  readonly shows: 'END' | 'FACE';
  readonly plan: Plan;
}

export const patternsQuery = queryOptions({
  queryKey: ['patterns'],
  queryFn: () => get<NamedPattern[]>('/api/v1/patterns'),
  staleTime: Infinity,
});
