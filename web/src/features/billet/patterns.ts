import type { Schemas } from '../../lib/api';
import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../lib/http';

/** A pattern with a name. */
export type NamedPattern = Schemas['PatternNamedPattern'];

export const patternsQuery = queryOptions({
  queryKey: ['patterns'],
  queryFn: () => answered(api.GET('/api/v1/patterns')),
  staleTime: Infinity,
});
